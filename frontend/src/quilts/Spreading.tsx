import { useState } from "react";
import { Button } from "react-bootstrap";

import { rich, say } from "../language/say";
import { nameOf } from "./QuiltPicture";
import type { Quilt, QuiltAct } from "./useQuilt";

type Rule = Quilt["spread"]["rules"][number];

interface Props {
  view: Quilt;
  held: readonly string[];
  act: (acts: QuiltAct[]) => void;
}

/** Blocks spread so that none alike touch: what counts as touching, rules, another layout as good. */
export function Spreading({ view, held, act }: Props) {
  const [corners, setCorners] = useState(view.spread.corners);
  const { rules, seed } = view.spread;
  if (view.blocks.length < 2 && view.can_colour.length === 0) return null;
  const spread = (more: { rules?: Rule[]; seed?: number } = {}) =>
    act([
      {
        do: "spread",
        corners,
        held: view.picture.uses
          .filter((use) => held.includes(nameOf(use)))
          .map((use): [number, number] => [use.row, use.column]),
        rules,
        seed,
        ...more,
      },
    ]);
  return (
    <div className="place-tools spreading">
      {view.blocks.length > 1 && (
        <>
          <span role="status">{view.alike.words}</span>
          <Button size="sm" variant="outline-primary" onClick={() => spread()}>
            {say("quilts-spread-them")}
          </Button>
          <button type="button" className="quiet" onClick={() => spread({ seed: (seed + 1) % 10_000 })}>
            {say("quilts-another-layout")}
          </button>
          <label>
            <input type="checkbox" checked={corners} onChange={(event) => setCorners(event.target.checked)} />{" "}
            {say("quilts-corners-count-too")}
          </label>
          <Rules view={view} onRules={(now) => spread({ rules: now })} />
        </>
      )}
      {view.can_colour.map((block) => (
        <button key={block} type="button" className="quiet" onClick={() => act([{ do: "colourings", block }])}>
          {rich("quilts-take-in-the-colourings-of", { name: view.blocks.find((one) => one.key === block)?.name })}
        </button>
      ))}
    </div>
  );
}

/** Rules between two blocks or two fabrics. */
function Rules({ view, onRules }: { view: Quilt; onRules: (rules: Rule[]) => void }) {
  const { rules } = view.spread;
  const [one, setOne] = useState("");
  const [other, setOther] = useState("");
  const [how, setHow] = useState<Rule["how"]>("never");
  const nameIn = (rule: Rule, key: string) =>
    (rule.of === "fabrics" ? view.fabrics : view.blocks).find((it) => it.key === key)?.name ?? key;
  const told = (rule: Rule) => {
    const [one, other] = [nameIn(rule, rule.one), nameIn(rule, rule.other)];
    return rule.how === "never"
      ? say("quilts-rule-never", { one, other })
      : say("quilts-rule-together", { one, other });
  };
  const of = one.startsWith("f ") ? ("fabrics" as const) : ("blocks" as const);
  const choices = (which: string) => [
    ...(which === "fabrics" ? [] : view.blocks.map((it) => [`b ${it.key}`, it.name] as const)),
    ...(which === "blocks" ? [] : view.fabrics.map((it) => [`f ${it.key}`, it.name] as const)),
  ];
  return (
    <details className="spread-rules">
      <summary>{say("quilts-rules", { rules: rules.length })}</summary>
      <ul>
        {rules.map((rule, index) => (
          <li key={index}>
            {told(rule)}{" "}
            <button type="button" className="quiet" onClick={() => onRules(rules.filter((it) => it !== rule))}>
              {say("quilts-take-off")}
            </button>
          </li>
        ))}
      </ul>
      <select aria-label={say("quilts-rule-one")} value={one} onChange={(event) => setOne(event.target.value)}>
        <option value="">…</option>
        {choices("both").map(([value, name]) => (
          <option key={value} value={value}>
            {name}
          </option>
        ))}
      </select>
      <select
        aria-label={say("quilts-rule-how")}
        value={how}
        onChange={(event) => setHow(event.target.value === "together" ? "together" : "never")}
      >
        <option value="never">{say("quilts-never-touches")}</option>
        {of === "blocks" && <option value="together">{say("quilts-always-touches")}</option>}
      </select>
      <select aria-label={say("quilts-rule-other")} value={other} onChange={(event) => setOther(event.target.value)}>
        <option value="">…</option>
        {choices(of).map(([value, name]) => (
          <option key={value} value={value}>
            {name}
          </option>
        ))}
      </select>
      <button
        type="button"
        className="quiet"
        disabled={!one || !other || one[0] !== other[0]}
        onClick={() => {
          onRules([...rules, { how: of === "fabrics" ? "never" : how, of, one: one.slice(2), other: other.slice(2) }]);
          setOne("");
          setOther("");
        }}
      >
        {say("quilts-add-the-rule")}
      </button>
    </details>
  );
}
