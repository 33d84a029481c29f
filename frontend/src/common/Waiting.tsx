import type { ReactNode } from "react";
import { Spinner } from "react-bootstrap";
import { useRouteError } from "react-router";

import { words } from "../api/client";
import { say } from "../language/say";
import { Said } from "./Notices";

interface BusyProps {
  children: ReactNode;
}

/** A page that waits for what it shows, and says so. */
export function Busy({ children }: BusyProps) {
  return (
    <main className="alone" aria-busy="true">
      <p role="status">
        <Spinner size="sm" /> {children}
      </p>
    </main>
  );
}

/** While a page, or what it begins with, is fetched. */
export function Fetching() {
  return <Busy>{say("common-fetching-the-page")}</Busy>;
}

/** Where a page could not be shown: what went wrong, and a way to try again. */
export function Wrong() {
  const reason = useRouteError();
  return (
    <main className="alone">
      <h1>{say("common-this-page-could-not-be")}</h1>
      <p role="alert">{words(reason)}</p>
      <button
        type="button"
        className="quiet"
        onClick={() => {
          window.location.reload();
        }}
      >
        {say("common-try-again")}
      </button>
    </main>
  );
}

interface UnreadyProps {
  fault: Error | null;
  onAgain: () => void;
  children?: ReactNode;
}

/** In the place of a step that is not there yet: what is being done, or what went wrong and a way to try again. */
export function Unready({ fault, onAgain, children }: UnreadyProps) {
  if (!fault) return <Busy>{children}</Busy>;
  return (
    <main className="alone">
      <Said text={fault.message} action={{ words: say("common-button-try-again"), onClick: onAgain }} />
    </main>
  );
}
