import type { Schemas } from "../api/client";

interface Props {
  legend: string;
  people: Schemas["PersonOut"][];
  chosen: string[];
  onChoose: (chosen: string[]) => void;
}

/** People to be chosen from, each with a tick. */
export function PeopleTicks({ legend, people, chosen, onChoose }: Props) {
  return (
    <fieldset>
      <legend>{legend}</legend>
      {people.map((one) => (
        <label key={one.id} className="guild-tick">
          <input
            type="checkbox"
            checked={chosen.includes(one.id)}
            onChange={(event) =>
              onChoose(event.target.checked ? [...chosen, one.id] : chosen.filter((id) => id !== one.id))
            }
          />{" "}
          {one.name}
        </label>
      ))}
    </fieldset>
  );
}
