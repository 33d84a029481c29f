import { useRef, useState } from "react";
import { Button, Dropdown, Form, Modal } from "react-bootstrap";

import { client, type Document, download, type Draft, type Schemas, settled } from "../api/client";
import { States } from "../block/States";
import { Fr } from "../common/Fr";

const PNG_SIZE = 1600;

/** The block as a PNG picture, drawn by the browser from its SVG. */
async function asPng(document: Document, name: string): Promise<void> {
  const response = await fetch("/api/files/block.svg", {
    method: "POST",
    headers: { "Content-Type": "application/json" },
    body: JSON.stringify({ document }),
  });
  if (!response.ok) throw new Error("The picture could not be drawn; the server refused the draft.");
  const source = URL.createObjectURL(new Blob([await response.text()], { type: "image/svg+xml" }));
  const picture = new Image();
  picture.src = source;
  await picture.decode();
  const scale = PNG_SIZE / Math.max(picture.naturalWidth, picture.naturalHeight);
  const canvas = window.document.createElement("canvas");
  canvas.width = Math.round(picture.naturalWidth * scale);
  canvas.height = Math.round(picture.naturalHeight * scale);
  canvas.getContext("2d")?.drawImage(picture, 0, 0, canvas.width, canvas.height);
  URL.revokeObjectURL(source);
  const link = window.document.createElement("a");
  link.href = canvas.toDataURL("image/png");
  link.download = `${name}.png`;
  link.click();
}

interface Props {
  id: string;
  view: Draft;
  onTaken: (document: Document, drawn: Draft) => void;
  say: (text: string) => void;
}

/** What can be taken away from a draft, and seams brought in from an SVG drawing. */
export function Files({ id, view, onTaken, say }: Props) {
  const [earlier, setEarlier] = useState(false);
  const [svg, setSvg] = useState<string>();
  const file = useRef<HTMLInputElement>(null);
  const run = (work: Promise<void>) => {
    work.catch((reason: unknown) => say(reason instanceof Error ? reason.message : String(reason)));
  };
  return (
    <>
      <Dropdown align="end">
        <Dropdown.Toggle variant="outline-primary" size="sm" id="take-away">
          Files
        </Dropdown.Toggle>
        <Dropdown.Menu>
          <Dropdown.Header>Take away</Dropdown.Header>
          <Dropdown.Item onClick={() => run(download("/api/files/block", view.document))}>Block file</Dropdown.Item>
          <Dropdown.Item onClick={() => run(download("/api/files/cutting.csv", view.document))}>Cutting list as CSV</Dropdown.Item>
          <Dropdown.Item onClick={() => run(download("/api/files/block.svg", view.document))}>Drawing as SVG, true size</Dropdown.Item>
          <Dropdown.Item onClick={() => run(asPng(view.document, view.sheet.name))}>Picture as PNG</Dropdown.Item>
          <Dropdown.Header>Bring in</Dropdown.Header>
          <Dropdown.Item onClick={() => file.current?.click()}>Seams from an SVG drawing …</Dropdown.Item>
          <Dropdown.Item onClick={() => setEarlier(true)}>An earlier state of this block …</Dropdown.Item>
        </Dropdown.Menu>
      </Dropdown>
      <input
        ref={file}
        type="file"
        accept=".svg,image/svg+xml"
        hidden
        aria-label="SVG drawing"
        onChange={(event) => {
          const one = event.target.files?.[0];
          if (one) void one.text().then(setSvg);
          event.target.value = "";
        }}
      />
      {earlier && <States id={id} onTaken={onTaken} onClose={() => setEarlier(false)} />}
      {svg !== undefined && <FromSvg view={view} svg={svg} onClose={() => setSvg(undefined)} onTaken={onTaken} />}
    </>
  );
}

function FromSvg({ view, svg, onClose, onTaken }: { view: Draft; svg: string; onClose: () => void; onTaken: Props["onTaken"] }) {
  const [parts, setParts] = useState(4);
  const [taken, setTaken] = useState<Schemas["SvgOut"]>();
  const [fault, setFault] = useState<string>();

  async function look() {
    try {
      setTaken(await settled<Schemas["SvgOut"]>(client.POST("/api/draft/from-svg", { body: { document: view.document, svg, parts } })));
      setFault(undefined);
    } catch (reason) {
      setTaken(undefined);
      setFault(reason instanceof Error ? reason.message : String(reason));
    }
  }

  return (
    <Modal show onHide={onClose} aria-labelledby="svg-head">
      <Modal.Header closeButton>
        <Modal.Title id="svg-head">Seams from a drawing</Modal.Title>
      </Modal.Header>
      <Modal.Body className="stack">
        <Form.Group controlId="svg-parts">
          <Form.Label>Snap its points to</Form.Label>
          <Form.Select
            value={parts}
            onChange={(event) => {
              setParts(Number(event.target.value));
              setTaken(undefined);
            }}
          >
            {[1, 2, 3, 4, 6, 8, 12, 16].map((count) => (
              <option key={count} value={count}>
                {count === 1 ? "the corners of the cells" : `${String(count)} parts of a cell`}
              </option>
            ))}
          </Form.Select>
        </Form.Group>
        <p className="quiet-text">The drawing is fitted to the block by its own outline. Its straight lines take the place of all seams here.</p>
        {fault && (
          <p role="alert" className="text-danger">
            {fault}
          </p>
        )}
        {taken && (
          <div role="status">
            <svg viewBox={`0 0 ${String(view.sheet.width)} ${String(view.sheet.height)}`} className="svg-look">
              {taken.draft.faces.map((face, index) => (
                <polygon key={index} points={face.outline.map((spot) => spot.join(",")).join(" ")} />
              ))}
            </svg>
            {taken.report.map((line) => (
              <p key={line} className="mb-0">
                <Fr>{line}</Fr>
              </p>
            ))}
          </div>
        )}
      </Modal.Body>
      <Modal.Footer>
        <Button variant="outline-primary" onClick={() => void look()}>
          Look
        </Button>
        <Button
          disabled={!taken}
          onClick={() => {
            if (taken) onTaken(taken.draft.document, taken.draft);
            onClose();
          }}
        >
          Take the seams
        </Button>
      </Modal.Footer>
    </Modal>
  );
}
