import { say } from "../language/say";
import { Picked } from "./Picked";
import type { Setting } from "./settings";
import { Typed } from "./Typed";

interface Props {
  setting: Setting;
  fault?: string | undefined;
  onKeep: (text: string) => void;
}

type Ruler = Setting["rulers"][number];

/** The rulers that she owns beside the standard one: their sides, finest marks and what they are numbered by. */
export function OwnedRulers({ setting, fault, onKeep }: Props) {
  const rulers = setting.rulers;
  const keep = (changed: Ruler[]) => {
    onKeep(changed.map((one) => [one.width, one.length, one.step, one.marks].join(" | ")).join("; "));
  };
  return (
    <>
      <ul className="owned-rulers">
        {rulers.map((ruler, at) => (
          <OneRuler
            key={at}
            ruler={ruler}
            number={String(at + 1)}
            marks={setting.ruler_marks}
            onKeep={(part) => {
              keep(rulers.map((one) => (one === ruler ? { ...one, ...part } : one)));
            }}
            onTakeAway={() => {
              keep(rulers.filter((one) => one !== ruler));
            }}
          />
        ))}
      </ul>
      {fault && (
        <p className="fault" role="alert">
          {fault}
        </p>
      )}
      <button
        type="button"
        className="quiet"
        onClick={() => {
          keep([...rulers, setting.new_ruler]);
        }}
      >
        {say("recipes-ruler-more")}
      </button>
    </>
  );
}

interface OneProps {
  ruler: Ruler;
  number: string;
  marks: Setting["ruler_marks"];
  onKeep: (part: Partial<Ruler>) => void;
  onTakeAway: () => void;
}

function OneRuler({ ruler, number, marks, onKeep, onTakeAway }: OneProps) {
  const lengths: [keyof Pick<Ruler, "width" | "length" | "step">, string, string][] = [
    ["width", "", say("recipes-ruler-width", { number })],
    ["length", say("recipes-ruler-by"), say("recipes-ruler-length", { number })],
    ["step", say("recipes-ruler-finest"), say("recipes-ruler-step", { number })],
  ];
  return (
    <li role="group" aria-label={say("recipes-ruler-numbered", { number })}>
      {lengths.map(([name, label, spoken]) => (
        <Typed
          key={name}
          label={label}
          spoken={spoken}
          value={ruler[name]}
          width="3.4rem"
          onKeep={(text) => {
            onKeep({ [name]: text });
          }}
        />
      ))}
      <Picked
        label={say("recipes-ruler-marks")}
        value={ruler.marks}
        choices={marks}
        onKeep={(chosen) => {
          onKeep({ marks: chosen });
        }}
      />
      <button type="button" className="quiet" aria-label={say("recipes-ruler-away", { number })} onClick={onTakeAway}>
        {say("common-take-away")}
      </button>
    </li>
  );
}
