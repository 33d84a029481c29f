import type { Act, Schemas } from "../api/client";
import { Fr } from "../common/Fr";
import { Picked } from "../common/Picked";
import { Typed } from "../common/Typed";
import { say } from "../language/say";

interface Props {
  card: Schemas["CardOut"];
  own: Schemas["OwnOut"];
  /** Whether it is set for all units of this kind. */
  all: boolean;
  act: (acts: Act[]) => void;
}

/** What is set for this unit, or its kind, by itself: margins of the whole and of its parts, its pressing, when it is trimmed. */
export function Own({ card, own, all, act }: Props) {
  const where = !all && card.at ? { at: card.at } : {};
  return (
    <section className="own" aria-labelledby="own-head">
      <h2 id="own-head">{all ? say("recipes-own-of-kind") : say("recipes-own-of-unit")}</h2>
      <ul>
        {own.parts.map((one) => (
          <li key={one.part}>
            <Typed
              label={one.words}
              spoken={say("recipes-own-margin-of", { part: one.words })}
              value={all ? one.of_kind : one.of_unit}
              otherwise="–"
              width="3.6rem"
              suffix={own.suffix}
              onKeep={(text) =>
                act([
                  { do: "own", kind: card.kind, trim_margin: text, ...(one.part ? { part: one.part } : {}), ...where },
                ])
              }
            />
            <small>
              <Fr>{one.counts}</Fr>
            </small>
          </li>
        ))}
      </ul>
      <Picked
        label={say("recipes-own-pressing")}
        value={all ? own.press_of_kind : own.press_of_unit}
        choices={own.presses}
        onKeep={(press) => {
          act([{ do: "own", kind: card.kind, press, ...where }]);
        }}
      />
      {!all && card.at && (
        <Typed
          label={say("recipes-own-more")}
          value={own.more}
          width="3rem"
          onKeep={(text) => {
            act([{ do: "own", kind: card.kind, more: text, ...where }]);
          }}
        />
      )}
      {own.trimmings.length > 0 && (
        <Picked
          label={say("recipes-own-trimmed")}
          value={all ? own.trimmed_of_kind : own.trimmed_of_unit}
          choices={own.trimmings}
          onKeep={(trimmed) => {
            act([{ do: "own", kind: card.kind, trimmed, ...where }]);
          }}
        />
      )}
    </section>
  );
}
