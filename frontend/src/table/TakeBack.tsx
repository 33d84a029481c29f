import "./table.scss";

import { useSyncExternalStore } from "react";
import { useHotkeys } from "react-hotkeys-hook";

import { Fr } from "../common/Fr";
import { isAway, onAway } from "../offline/kept";
import { rich, say } from "../language/say";

interface Props {
  table: { last: string | undefined; waits: number; takeBack: () => void };
}

/** What was told last at this place, taken back by a touch or Ctrl-Z; and how much waits for the server. */
export function TakeBack({ table }: Props) {
  const away = useSyncExternalStore(onAway, isAway);
  useHotkeys("mod+z", table.takeBack, { preventDefault: true, enabled: table.last !== undefined }, [table]);
  return (
    <div className="take-back">
      {away && <p role="status">{say("table-away")}</p>}
      {table.waits > 0 && <p role="status">{say("table-waits", { count: table.waits })}</p>}
      {table.last !== undefined && (
        <button type="button" className="quiet" title={say("table-take-back-keys")} onClick={table.takeBack}>
          {rich("table-take-back", { words: <Fr>{table.last || say("table-what-was-told")}</Fr> })}
        </button>
      )}
    </div>
  );
}
