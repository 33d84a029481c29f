import { useQuery } from "@tanstack/react-query";
import { useState } from "react";

import { type BlockLog, readLog } from "../api/blockLog";
import { say } from "../language/say";

/** What to change next time, shown when the block is opened, until it is put away. */
export function NextTime({ id }: { id: string }) {
  const found = useQuery({ queryKey: ["block-log", id], queryFn: () => readLog(id) });
  const [away, setAway] = useState<string[]>([]);
  const told = (found.data?.next_time ?? []).filter((one: BlockLog["notes"][number]) => !away.includes(one.id));
  if (!told.length) return null;
  return (
    <aside className="next-time" aria-label={say("block-what-to-change-next-time")}>
      <b>{say("block-next-time")}</b>
      <ul>
        {told.map((one) => (
          <li key={one.id}>{one.text}</li>
        ))}
      </ul>
      <button type="button" className="quiet" onClick={() => setAway([...away, ...told.map((one) => one.id)])}>
        {say("block-put-away")}
      </button>
    </aside>
  );
}
