import { say } from "../language/say";
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
  const put = (at: number, ruler: Ruler) => {
    keep(rulers.map((one, index) => (index === at ? ruler : one)));
  };
  const numbering = setting.ruler_marks;
  return (
    <>
      <ul className="owned-rulers">
        {rulers.map((ruler, index) => {
          const number = String(index + 1);
          return (
            <li key={index} role="group" aria-label={say("recipes-ruler-numbered", { number })}>
              <Typed
                label={say("recipes-ruler-width", { number })}
                showLabel={false}
                value={ruler.width}
                width="3.6rem"
                onKeep={(width) => {
                  put(index, { ...ruler, width });
                }}
              />
              <Typed
                label={say("recipes-ruler-by")}
                spoken={say("recipes-ruler-length", { number })}
                value={ruler.length}
                width="3.6rem"
                onKeep={(length) => {
                  put(index, { ...ruler, length });
                }}
              />
              <Typed
                label={say("recipes-ruler-finest")}
                spoken={say("recipes-ruler-step", { number })}
                value={ruler.step}
                width="3rem"
                onKeep={(step) => {
                  put(index, { ...ruler, step });
                }}
              />
              <label className="typed">
                <span>{say("recipes-ruler-marks")}</span>
                <select
                  value={ruler.marks}
                  onChange={(event) => {
                    const marks = event.target.value === "finished" ? "finished" : "unfinished";
                    put(index, { ...ruler, marks });
                  }}
                >
                  {numbering.map(({ value, words }) => (
                    <option key={value} value={value}>
                      {words}
                    </option>
                  ))}
                </select>
              </label>
              <button
                type="button"
                className="quiet"
                aria-label={say("recipes-ruler-away", { number })}
                onClick={() => {
                  keep(rulers.filter((_, at) => at !== index));
                }}
              >
                {say("common-take-away")}
              </button>
            </li>
          );
        })}
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
