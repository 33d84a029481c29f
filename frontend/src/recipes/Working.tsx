import type { Draft, Schemas } from "../api/client";
import { Swatch } from "../common/Cloth";
import { Fr } from "../common/Fr";
import { listed, rich } from "../language/say";

type Line = Schemas["WayOut"]["lines"][number];

/** The working of each number of a way, line by line, from the finished size to the ruler; alike ones once. */
export function Working({ way, fabrics }: { way: Schemas["WayOut"]; fabrics: Draft["fabrics"] }) {
  const alike = new Map<string, Line[]>();
  for (const line of way.lines) {
    const key = [line.size, line.further, line.strips, ...line.working].join("|");
    alike.set(key, [...(alike.get(key) ?? []), line]);
  }
  return (
    <div className="workings">
      {[...alike.values()].map((lines, index) => {
        const line = lines[0] as Line;
        return (
          <section key={index} aria-label={`${listed(lines.map((one) => one.name))}, ${line.size}`}>
            <h3 className="working-of">
              <Fr>{line.size}</Fr>
              {lines.map((one, number) => {
                const place = fabrics.findIndex((fabric) => fabric.key === one.fabric);
                const fabric = fabrics[place];
                return (
                  <span key={number} className="of">
                    {fabric && <Swatch fabric={fabric} index={place} size={20} />} {one.count} {one.name}
                  </span>
                );
              })}
            </h3>
            {(line.further || line.strips) && (
              <p className="quiet-text">
                <Fr>{[line.further, line.strips].filter(Boolean).join("; ")}</Fr>
              </p>
            )}
            <ol>
              {line.working.map((text) => (
                <li key={text}>
                  <Fr>{text}</Fr>
                </li>
              ))}
            </ol>
          </section>
        );
      })}
      {way.wide && (
        <p className="quiet-text">
          <Fr>{way.wide}</Fr>
        </p>
      )}
      {way.bonus && (
        <p className="quiet-text">{rich("recipes-kept-and-sewn-a-second", { bonus: <Fr>{way.bonus}</Fr> })}</p>
      )}
    </div>
  );
}
