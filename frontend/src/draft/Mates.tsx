import type { Draft, MatesName } from "../api/client";
import { Help } from "../common/Help";
import { say } from "../language/say";

interface Props {
  view: Draft;
  mates: MatesName;
  setMates: (mates: MatesName) => void;
}

/** At which other places of the block the same is done. */
export function Mates(props: Props) {
  return (
    <span className="mates-field">
      <label className="typed">
        <span>{say("draft-mates")}</span>
        <select
          value={props.mates}
          onChange={(event) => props.setMates(event.target.value as MatesName)}
          title={say("draft-do-it-at-the-matching")}
        >
          {props.view.mates.map((one) => (
            <option key={one.name} value={one.name}>
              {one.words}
            </option>
          ))}
        </select>
      </label>
      <Help word="mates" />
    </span>
  );
}
