import { useMutation } from "@tanstack/react-query";
import { useRef, useState } from "react";
import { Button, Dropdown, Form, Modal } from "react-bootstrap";

import { client, type Document, type Draft, file, handOver, type Schemas, settled, takeAlong } from "../api/client";
import { useExports } from "../api/useExports";
import { States } from "../block/States";
import { Fr } from "../common/Fr";
import { say } from "../language/say";

const PNG_SIZE = 1600;

/** The block as a PNG picture, drawn by the browser from its SVG. */
async function asPng(document: Document, name: string): Promise<void> {
  const { content } = await file("/api/files/block.svg", { document });
  const source = URL.createObjectURL(content);
  const picture = new Image();
  picture.src = source;
  await picture.decode();
  const scale = PNG_SIZE / Math.max(picture.naturalWidth, picture.naturalHeight);
  const canvas = window.document.createElement("canvas");
  canvas.width = Math.round(picture.naturalWidth * scale);
  canvas.height = Math.round(picture.naturalHeight * scale);
  canvas.getContext("2d")?.drawImage(picture, 0, 0, canvas.width, canvas.height);
  URL.revokeObjectURL(source);
  handOver(`${name}.png`, canvas.toDataURL("image/png"));
}

interface Props {
  id: string;
  view: Draft;
  onTaken: (document: Document, drawn: Draft) => void;
  announce: (text: string) => void;
}

/** What can be taken away from a draft, and seams brought in from an SVG drawing. */
export function Files({ id, view, onTaken, announce }: Props) {
  const [earlier, setEarlier] = useState(false);
  const [svg, setSvg] = useState<string>();
  const picker = useRef<HTMLInputElement>(null);
  const { document } = view;
  const files = useExports("draft");
  const taking = useMutation({
    mutationFn: (take: () => Promise<void>) => take(),
    onError: (reason) => announce(reason.message),
  });
  return (
    <>
      <Dropdown align="end">
        <Dropdown.Toggle variant="outline-primary" size="sm" id="take-away">
          {say("common-files")}
        </Dropdown.Toggle>
        <Dropdown.Menu>
          <Dropdown.Header role="none">{say("draft-take-away")}</Dropdown.Header>
          {files.map(({ path, words }) => (
            <Dropdown.Item key={path} onClick={() => taking.mutate(() => takeAlong(path, { document, block_id: id }))}>
              {words}
            </Dropdown.Item>
          ))}
          <Dropdown.Item onClick={() => taking.mutate(() => asPng(document, view.sheet.name))}>
            {say("draft-picture-as-png")}
          </Dropdown.Item>
          <Dropdown.Header role="none">{say("draft-bring-in")}</Dropdown.Header>
          <Dropdown.Item onClick={() => picker.current?.click()}>
            {say("draft-seams-from-an-svg-drawing")}
          </Dropdown.Item>
          <Dropdown.Item onClick={() => setEarlier(true)}>{say("draft-an-earlier-state-of-this")}</Dropdown.Item>
        </Dropdown.Menu>
      </Dropdown>
      <input
        ref={picker}
        type="file"
        accept=".svg,image/svg+xml"
        hidden
        aria-label={say("draft-svg-drawing")}
        onChange={(event) => {
          const one = event.target.files?.[0];
          if (one) void one.text().then(setSvg);
          event.target.value = "";
        }}
      />
      {earlier && (
        <States
          id={id}
          onOpen={async (document) => {
            const body = { document, acts: [], mates: "none" as const };
            onTaken(document, await settled<Draft>(client.POST("/api/draft", { body })));
          }}
          onClose={() => setEarlier(false)}
        />
      )}
      {svg !== undefined && <FromSvg view={view} svg={svg} onClose={() => setSvg(undefined)} onTaken={onTaken} />}
    </>
  );
}

function FromSvg({
  view,
  svg,
  onClose,
  onTaken,
}: {
  view: Draft;
  svg: string;
  onClose: () => void;
  onTaken: Props["onTaken"];
}) {
  const [parts, setParts] = useState(4);
  const looking = useMutation({
    mutationFn: () =>
      settled<Schemas["SvgOut"]>(client.POST("/api/draft/from-svg", { body: { document: view.document, svg, parts } })),
  });
  const { data: taken } = looking;
  const fault = looking.error?.message;

  return (
    <Modal show onHide={onClose} aria-labelledby="svg-head">
      <Modal.Header closeButton>
        <Modal.Title id="svg-head">{say("draft-seams-from-a-drawing")}</Modal.Title>
      </Modal.Header>
      <Modal.Body className="stack">
        <Form.Group controlId="svg-parts">
          <Form.Label>{say("draft-snap-its-points-to")}</Form.Label>
          <Form.Select
            value={parts}
            onChange={(event) => {
              setParts(Number(event.target.value));
              looking.reset();
            }}
          >
            {[1, 2, 3, 4, 6, 8, 12, 16].map((count) => (
              <option key={count} value={count}>
                {say("draft-parts-of-a-cell", { count })}
              </option>
            ))}
          </Form.Select>
        </Form.Group>
        <p className="quiet-text">{say("draft-the-drawing-is-fitted-to")}</p>
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
        <Button variant="outline-primary" onClick={() => looking.mutate()}>
          {say("draft-look")}
        </Button>
        <Button
          disabled={!taken}
          onClick={() => {
            if (taken) onTaken(taken.draft.document, taken.draft);
            onClose();
          }}
        >
          {say("draft-take-the-seams")}
        </Button>
      </Modal.Footer>
    </Modal>
  );
}
