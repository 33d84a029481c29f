import "./words.scss";

import { useEffect, useState } from "react";

import type { Schemas } from "../api/client";
import { Brand } from "../common/Brand";
import { House } from "../common/House";
import { Fr } from "../common/Fr";
import { useWords } from "../common/Help";
import { Unready } from "../common/Waiting";
import { rich, say } from "../language/say";

type Example = Schemas["SizesToldOut"];

/** Finished, unfinished and cut, by an example; and what every word of the trade means. */
export function WordsPage() {
  const words = useWords();
  const [unit, setUnit] = useState("in");
  useEffect(() => {
    document.title = say("words-words-and-sizes-yonk");
  }, []);
  const example = words.data?.examples.find((one) => one.unit === unit);
  return (
    <div className="words-page">
      <header className="top">
        <Brand />
        <House row />
        <h1 className="visually-hidden">{say("words-words-and-sizes")}</h1>
      </header>
      {!words.data || !example ? (
        <Unready fault={words.error} onAgain={() => void words.refetch()} />
      ) : (
        <main className="words">
          <section aria-labelledby="three-sizes">
            <h2 id="three-sizes">{say("words-finished-unfinished-cut")}</h2>
            <label className="typed">
              <span>{say("words-in")}</span>
              <select
                aria-label={say("common-unit-of-length")}
                value={unit}
                onChange={(event) => setUnit(event.target.value)}
              >
                <option value="in">{say("common-inches")}</option>
                <option value="cm">{say("common-centimetres")}</option>
              </select>
            </label>
            <ThreeSizes example={example} />
          </section>
          <section aria-labelledby="all-words">
            <h2 id="all-words">{say("words-the-words")}</h2>
            <dl>
              {words.data.words.map((one) => (
                <div key={one.key} id={one.key}>
                  <dt>{one.word}</dt>
                  <dd>{one.meaning}</dd>
                </div>
              ))}
            </dl>
          </section>
        </main>
      )}
    </div>
  );
}

/** One unit to scale: as it shows, as it is sewn and trimmed, and the square it is cut from. */
function ThreeSizes({ example }: { example: Example }) {
  const { sides } = example;
  const side = (name: string) => sides[name] ?? 0;
  const whole = side("cut");
  const gap = whole / 4;
  const inset = (name: string) => (side("unfinished") - side(name)) / 2;
  const text = whole / 11;
  return (
    <>
      <svg
        className="three-sizes"
        viewBox={[-gap / 4, -gap, 3 * whole + 2.5 * gap, whole + 1.3 * gap].join(" ")}
        role="img"
        aria-label={say("words-a-finished-unfinished-cut-from", {
          kind: example.kind,
          finished: example.finished,
          unfinished: example.unfinished,
          cut: example.cut,
        })}
      >
        <g>
          <Sewn at={0} size={side("finished")} />
          <Size
            at={0}
            size={side("finished")}
            text={text}
            words={say("common-finished", { finished: example.finished })}
          />
        </g>
        <g transform={`translate(${String(whole + gap)} 0)`}>
          <Sewn at={0} size={side("unfinished")} />
          <rect
            className="seam-line"
            x={inset("finished")}
            y={inset("finished")}
            width={side("finished")}
            height={side("finished")}
          />
          <Size
            at={0}
            size={side("unfinished")}
            text={text}
            words={say("words-unfinished", { unfinished: example.unfinished })}
          />
        </g>
        <g transform={`translate(${String(2 * (whole + gap))} 0)`}>
          <rect className="cloth-cut" width={whole} height={whole} />
          <path className="cut-line" d={`M0 ${String(whole)}L${String(whole)} 0`} />
          <Size at={0} size={whole} text={text} words={say("words-cut", { cut: example.cut })} />
        </g>
      </svg>
      <ol className="sizes-said">
        <li>
          {rich("words-is-what-shows-in-the", {
            finished_word: <b>{say("words-finished-word")}</b>,
            finished: <Fr>{example.finished}</Fr>,
          })}
        </li>
        <li>
          {rich("words-is-what-it-measures-once", {
            unfinished_word: <b>{say("common-unfinished")}</b>,
            seam: <Fr>{example.seam}</Fr>,
            unfinished: <Fr>{example.unfinished}</Fr>,
          })}
        </li>
        <li>
          {rich("words-is-what-is-cut-from", {
            cut_word: <b>{say("words-cut-word")}</b>,
            true_cut: <Fr>{example.true_cut}</Fr>,
            margin: <Fr>{example.margin}</Fr>,
            cut: <Fr>{example.cut}</Fr>,
          })}
        </li>
      </ol>
    </>
  );
}

function Sewn({ at, size }: { at: number; size: number }) {
  const far = String(at + size);
  return (
    <>
      <path className="dark" d={`M${String(at)} ${far}L${far} ${far}L${far} ${String(at)}Z`} />
      <path className="light" d={`M${String(at)} ${far}L${String(at)} ${String(at)}L${far} ${String(at)}Z`} />
    </>
  );
}

function Size({ at, size, text, words }: { at: number; size: number; text: number; words: string }) {
  return (
    <>
      <path className="span" d={`M${String(at)} ${String(-text * 0.7)}h${String(size)}`} />
      <text x={at + size / 2} y={-text} fontSize={text} textAnchor="middle">
        {words}
      </text>
    </>
  );
}
