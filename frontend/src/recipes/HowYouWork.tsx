import { Form, Modal } from "react-bootstrap";

import type { Act, Draft } from "../api/client";
import { Fr } from "../common/Fr";
import { Typed } from "../common/Typed";

type Making = Extract<Act, { do?: "making" }>;

interface Props {
  view: Draft;
  faults: { place: string; message: string }[];
  act: (acts: Act[]) => void;
  onClose: () => void;
}

/** How this quilter works where practitioners differ: each setting with its usual value and the reason for it. */
export function HowYouWork({ view, faults, act, onClose }: Props) {
  const { sheet } = view;
  const set = (making: Partial<Making>) => act([{ do: "making", ...making } as Act]);
  const unit = sheet.unit === "in" ? "″" : " cm";
  const typed = (label: string, value: string, name: "seam" | "ruler_step" | "trim_margin" | "usable" | "ruler_width" | "ruler_length") => (
    <>
      <Typed label={label} value={value} suffix={unit} width="4rem" onKeep={(text) => set({ [name]: text })} fault={faultOf(name)} />
      {faultOf(name) && (
        <span className="fault" role="alert">
          {faultOf(name)}
        </span>
      )}
    </>
  );
  const faultOf = (name: string) => faults.find((fault) => fault.place === name)?.message;
  const choice = <T extends string>(name: "care" | "press" | "stitch", now: T, ways: readonly (readonly [T, string])[]) => (
    <div className="choices">
      {ways.map(([value, words]) => (
        <Form.Check
          key={value} type="radio" id={`${name}-${value}`} name={name} label={words} checked={now === value}
          onChange={() => set({ [name]: value })}
        /> // prettier-ignore
      ))}
    </div>
  );
  return (
    <Modal show onHide={onClose} size="lg" scrollable aria-labelledby="work-head" className="how-you-work">
      <Modal.Header closeButton>
        <Modal.Title id="work-head">How you work</Modal.Title>
      </Modal.Header>
      <Modal.Body>
        <section>
          <h3>What you care for most</h3>
          {choice("care", sheet.care, [
            ["balance", "a fair balance"],
            ["cloth", "saving cloth"],
            ["time", "saving time"],
            ["exact", "exact units"],
          ])}
          <p>Decides which way is proposed. Bias on outer edges and prints that turn are kept out first, whatever you choose.</p>
        </section>
        <section>
          <h3>True cut, or cut larger and trim</h3>
          {typed("Trim margin", sheet.trim_margin, "trim_margin")}
          <p>
            <Fr>
              0 cuts true and trusts the seam. 1⁄8″ (¼ cm) is usual: the sums are easy and every unit is trimmed to size. More
              suits who sews less straight than she cuts.
            </Fr>
          </p>
        </section>
        <section>
          <h3>Seam allowance</h3>
          {typed("Seam allowance", sheet.seam, "seam")}
          <p>
            <Fr>The usual is 1⁄4″ (¾ cm), sewn a thread narrower to give back what the fold takes up.</Fr>
          </p>
        </section>
        <section>
          <h3>Ruler</h3>
          {typed("Steps", sheet.ruler_step, "ruler_step")}
          {typed("Standard ruler", sheet.ruler_width, "ruler_width")}
          {typed("by", sheet.ruler_length, "ruler_length")}
          <p>Cuts are rounded to its steps. A cut wider than the ruler is said, so that you can lay a second one beside it.</p>
        </section>
        <section>
          <h3>Width of fabric</h3>
          {typed("Usable width", sheet.usable, "usable")}
          <p>40″ (100 cm) is the safe figure after the selvedges are off; 42″ the hopeful one.</p>
        </section>
        <section>
          <h3>Triangles from rectangles</h3>
          <label className="typed">
            <span>Squares sewn at once</span>
            <select value={sheet.squares_in_a_row} onChange={(event) => set({ squares_in_a_row: Number(event.target.value) })}>
              {Array.from({ length: 10 }, (_, place) => place + 1).map((count) => (
                <option key={count} value={count}>
                  {count}
                </option>
              ))}
            </select>
          </label>
          <p>Long rows save time and turn at every corner; short ones lie flat more easily. Ten is the most.</p>
        </section>
        <section>
          <h3>Pressing</h3>
          {choice("press", sheet.press, [
            ["dark", "toward the darker"],
            ["open", "open"],
          ])}
          <p>Toward the darker hides the allowance and lets seams nest; open lies flatter where many points meet.</p>
        </section>
        <section>
          <h3>Stitching beside a line</h3>
          {choice("stitch", sheet.stitch, [
            ["beside", "one line drawn, sewn a seam allowance to either side"],
            ["two-lines", "two lines drawn, sewn on both, cut between"],
          ])}
          <p>Beside one line is quicker with a foot that measures the seam allowance; on two lines suits any foot.</p>
        </section>
      </Modal.Body>
    </Modal>
  );
}
