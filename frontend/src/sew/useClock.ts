import { useEffect, useState } from "react";
import { say } from "../language/say";

export interface Clock {
  running: boolean;
  /** Seconds since it was started, while it ran. */
  seconds: number;
  /** Seconds that are left at the pace so far; nothing where nothing was sewn since. */
  left: number | undefined;
  start: () => void;
  stop: () => void;
}

/** A clock that runs only when it is started; its pace is what was sewn since. */
export function useClock(sewn: number, toSew: number): Clock {
  const [before, setBefore] = useState({ seconds: 0, sewn: 0 });
  const [since, setSince] = useState<{ at: number; sewn: number }>();
  const [now, setNow] = useState(0);
  useEffect(() => {
    if (!since) return;
    const ticking = window.setInterval(() => setNow(Date.now()), 1000);
    return () => window.clearInterval(ticking);
  }, [since]);
  const running = since !== undefined;
  const seconds = before.seconds + (since ? Math.max(0, now - since.at) / 1000 : 0);
  const made = before.sewn + (since ? sewn - since.sewn : 0);
  const start = () => {
    setNow(Date.now());
    setSince({ at: Date.now(), sewn });
  };
  const stop = () => {
    setBefore({ seconds, sewn: made });
    setSince(undefined);
  };
  return { running, seconds, left: made > 0 ? (seconds / made) * (toSew - sewn) : undefined, start, stop };
}

/** A span of time as it is said: 4 min, 1 h 5 min. */
export function span(seconds: number): string {
  const minutes = Math.round(seconds / 60);
  if (minutes < 60) return say("sew-min", { minutes });
  return say("sew-h-min", { hours: Math.floor(minutes / 60), minutes: minutes % 60 });
}
