import { useEffect, useRef } from "react";

import { client, type Schemas, settled } from "../api/client";
import type { Clock } from "./useClock";

type Pace = Schemas["PaceIn"];

/**
 * Has what the clock measured counted into her pace when it is stopped: what was done since it was started, by what was
 * there then. Nothing is told where nothing was done.
 */
export function usePace<State>(clock: Clock, state: State, told: (seconds: number, before: State) => Pace | undefined) {
  const begun = useRef<{ seconds: number; state: State }>(undefined);
  const { running, seconds } = clock;
  useEffect(() => {
    if (running) {
      begun.current ??= { seconds, state };
      return;
    }
    const before = begun.current;
    begun.current = undefined;
    const pace = before && seconds > before.seconds ? told(seconds - before.seconds, before.state) : undefined;
    // a pace that is not kept is guessed again
    if (pace) void settled(client.PUT("/api/pace", { body: pace })).catch(() => undefined);
  }, [running, seconds, state, told]);
}
