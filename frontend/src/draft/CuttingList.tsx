import "./list.scss";

import { Link } from "react-router";

import type { Act, Draft } from "../api/client";
import { Swatch } from "../common/Cloth";
import { Fr } from "../common/Fr";
import { Help } from "../common/Help";
import { lighting } from "../common/lighting";
import { set } from "../common/settings";
import { Typed } from "../common/Typed";
import { say } from "../language/say";
import { unitOf } from "./places";
import { TakePhoto } from "./TakePhoto";

const LENGTHS = [
  ["trim_margin", say("draft-trim-by"), say("draft-trim-margin")],
  ["seam", say("draft-seam-short"), say("draft-seam-allowance")],
  ["ruler_step", say("draft-ruler"), say("draft-ruler-step")],
] as const;

type Cut = Draft["cutting"][number]["cuts"][number];

interface Props {
  view: Draft;
  act: (acts: Act[]) => void;
  faultAt: (place: string) => string | undefined;
  lit: { cuts: Set<string> };
  onLight: (faces: number[]) => void;
  onPhoto: (photo: File) => void;
}

type Below = Pick<Props, "view" | "act" | "onLight">;

/** The faces that a line of the list is for. */
export function facesOf(view: Draft, cut: Cut, fabric: string): number[] {
  return view.faces.flatMap((face, index) => (face.fabric === fabric && isOf(view, index, cut) ? [index] : []));
}

/** The lines of the list that a face is cut by. */
export function cutsOf(view: Draft, face: number): Cut[] {
  const group = view.cutting.find((one) => one.fabric === view.faces[face]?.fabric);
  return group?.cuts.filter((cut) => isOf(view, face, cut)) ?? [];
}

/** Whether a line is for a patch of its fabric. */
export function isOf(view: Draft, face: number, line: Pick<Cut, "units" | "letters">): boolean {
  return line.units.includes(unitOf(view, face) ?? "") && line.letters.includes(view.face_letters[face] ?? "");
}

/** The cutting list: fabric by fabric, count first, size large, what it is for small. */
export function CuttingList({ view, act, faultAt, lit, onLight, onPhoto }: Props) {
  const { sheet } = view;
  return (
    <section aria-labelledby="list-head" className="list">
      <div className="list-head">
        <h2 id="list-head">{say("draft-cutting-list")}</h2>
        <Help word="cut" />
        <Typed
          label={say("draft-list-for")}
          spoken={say("draft-number-of-blocks")}
          value={String(sheet.blocks)}
          width="3.2rem"
          fault={faultAt("blocks")}
          onKeep={(text) => act([{ do: "making", blocks: text }])}
          suffix={say("common-block-or-blocks", { blocks: sheet.blocks })}
        />
        {sheet.all_blocks !== sheet.blocks && (
          <small className="quiet-text">{say("draft-with-all-colourings", { all_blocks: sheet.all_blocks })}</small>
        )}
      </div>
      <div className="making">
        <fieldset>
          <legend className="visually-hidden">{say("draft-how-pieces-of-units-are")}</legend>
          {sheet.schools.map((school) => (
            <label key={school.words}>
              <input
                type="radio"
                name="school"
                checked={school.hers}
                onChange={() => act([{ do: "making", settings: school.settings }])}
              />
              {school.words}
            </label>
          ))}
        </fieldset>
        {LENGTHS.map(([name, label, spoken]) => {
          const setting = sheet.settings[name];
          const asked = sheet.schools.find((school) => school.asks.includes(name));
          return (
            setting &&
            (asked?.hers ?? true) && (
              <Typed
                key={name}
                label={label}
                spoken={spoken}
                value={setting.value}
                fault={faultAt(name)}
                width="2.6rem"
                onKeep={(text) => act([set(name, text)])}
              />
            )
          );
        })}
      </div>
      <div
        id="cutting-list"
        className="list-body"
        // a region that scrolls must be reachable by key
        // eslint-disable-next-line jsx-a11y/no-noninteractive-tabindex
        tabIndex={0}
        role="region"
        aria-label={say("draft-lines-of-the-cutting-list")}
      >
        {sheet.blank && <FirstSteps onPhoto={onPhoto} />}
        {(sheet.blank ? [] : view.cutting).map((group) => {
          const index = view.fabrics.findIndex((fabric) => fabric.key === group.fabric);
          const fabric = view.fabrics[index];
          return (
            <article key={group.fabric}>
              <h3>
                {fabric ? <Swatch fabric={fabric} index={index} size={22} /> : <span className="no-swatch" />}
                {group.name}
              </h3>
              {group.note && <p className="note">{group.note}</p>}
              <ul>
                {group.cuts.map((cut) => (
                  <li
                    key={cut.id}
                    className={lit.cuts.has(cut.id) ? "cut lit" : "cut"}
                    {...lighting(
                      () => onLight(facesOf(view, cut, group.fabric)),
                      () => onLight([]),
                    )}
                  >
                    <details>
                      <summary>
                        <span className="count">{cut.count}</span>
                        <span className="what">
                          {cut.what}{" "}
                          <b>
                            <Fr>{cut.size}</Fr>
                          </b>
                          {cut.further && (
                            <i>
                              <Fr>{cut.further}</Fr>
                            </i>
                          )}
                          <small>{say("draft-for-purpose", { purpose: cut.purpose })}</small>
                        </span>
                      </summary>
                      <ol className="working" aria-label={say("common-the-working")}>
                        {cut.working.map((line) => (
                          <li key={line}>
                            <Fr>{line}</Fr>
                          </li>
                        ))}
                      </ol>
                    </details>
                  </li>
                ))}
              </ul>
            </article>
          );
        })}
        {!sheet.blank && <Units view={view} act={act} onLight={onLight} />}
        <Notices view={view} act={act} onLight={onLight} />
      </div>
    </section>
  );
}

function Units({ view, act, onLight }: Below) {
  return (
    <section aria-labelledby="units-head" className="units">
      <h3 id="units-head">{say("draft-how-each-unit-is-made")}</h3>
      <ul>
        {view.units.map((unit, index) => (
          <li
            key={`${unit.label} ${unit.method}`}
            {...lighting(
              () => onLight(view.faces.flatMap((_, face) => (unitOf(view, face) === unit.label ? [face] : []))),
              () => onLight([]),
            )}
          >
            <span className="label">{unit.label}</span>
            <span className="what">
              {unit.total} × {unit.words}
              {unit.hand && say("common-handed", { hand: unit.hand })}
              <small>
                {unit.letters.join(" ")} ·{" "}
                <Fr>{say("draft-finished-unfinished", { finished: unit.finished, unfinished: unit.unfinished })}</Fr>
              </small>
              {unit.way !== unit.method && <small>{say("draft-these", { method_words: unit.method_words })}</small>}
              {unit.methods.length > 1 && view.units[index - 1]?.label !== unit.label && (
                <>
                  <select
                    value={unit.chosen ? unit.way : ""}
                    aria-label={say("draft-how-unit-is-made", { label: unit.label, words: unit.words })}
                    onChange={(event) =>
                      act([
                        {
                          do: "method",
                          kind: unit.kind,
                          method: event.target.value || null,
                          ...(unit.at ? { at: unit.at } : {}),
                        },
                      ])
                    }
                  >
                    <option value="">
                      {say("draft-proposed", {
                        way: unit.chosen ? "" : `: ${unit.methods.find((one) => one.name === unit.way)?.words}`,
                      })}
                    </option>
                    {unit.methods.map((method) => (
                      <option key={method.name} value={method.name}>
                        {method.words}
                      </option>
                    ))}
                  </select>
                  <small>
                    <Fr>{unit.reason}</Fr>
                  </small>
                </>
              )}
            </span>
            {unit.makes > unit.total && (
              <span className="spare">{say("draft-makes-spare", { makes: unit.makes, spare: unit.spare })}</span>
            )}
          </li>
        ))}
      </ul>
    </section>
  );
}

function Notices({ view, act, onLight }: Below) {
  if (!view.notices.length) return null;
  return (
    <section aria-labelledby="notices-head" className="notices">
      <h3 id="notices-head">{say("draft-before-you-cut")}</h3>
      <ul>
        {view.notices.map((notice) => (
          <li
            key={notice.text}
            className={notice.code}
            {...lighting(
              () => onLight(notice.faces),
              () => onLight([]),
            )}
          >
            <Fr>{notice.text}</Fr>
            {notice.mends.length > 0 && (
              <span className="mends">
                {notice.mends.map((mend) => (
                  <button
                    key={mend.words}
                    type="button"
                    className="btn btn-sm btn-outline-primary"
                    onClick={() => act([mend.act])}
                  >
                    <Fr>{mend.words}</Fr>
                  </button>
                ))}
              </span>
            )}
          </li>
        ))}
      </ul>
    </section>
  );
}

/** What can be done first on an empty board. */
function FirstSteps({ onPhoto }: { onPhoto: (photo: File) => void }) {
  return (
    <div className="first-steps">
      <h3>{say("draft-what-to-do-first")}</h3>
      <ol>
        <li>{say("draft-first-put-a-unit")}</li>
        <li>{say("draft-first-paint")}</li>
        <li>{say("draft-first-the-list")}</li>
      </ol>
      <p>
        <TakePhoto className="quiet" onPhoto={onPhoto} />
        <Link to="/finder?ask=list" className="quiet">
          {say("draft-from-a-patterns-list")}
        </Link>
      </p>
    </div>
  );
}
