import { useEffect } from "react";

export const LOOK_EVERY = 5000;

/** Looks every now and then, while the page is seen, whether what is open here was saved elsewhere. */
export function useNewer(drafting: { look: () => Promise<void> }): void {
  useEffect(() => {
    const look = () => {
      if (document.visibilityState === "visible") void drafting.look();
    };
    const timer = setInterval(look, LOOK_EVERY);
    document.addEventListener("visibilitychange", look);
    return () => {
      clearInterval(timer);
      document.removeEventListener("visibilitychange", look);
    };
  }, [drafting]);
}
