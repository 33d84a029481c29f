import type { ReactNode } from "react";
import { Spinner } from "react-bootstrap";
import { useRouteError } from "react-router";

import { words } from "../api/client";
import { Said } from "./Notices";

/** While a page, or what it begins with, is fetched. */
export function Fetching() {
  return (
    <main className="alone" role="status">
      <Spinner size="sm" /> Fetching the page …
    </main>
  );
}

/** Where a page could not be shown: what went wrong, and a way to try again. */
export function Wrong() {
  const reason = useRouteError();
  return (
    <main className="alone">
      <h1>This page could not be shown</h1>
      <p role="alert">{words(reason)}</p>
      <button
        type="button"
        className="quiet"
        onClick={() => {
          window.location.reload();
        }}
      >
        try again
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
  return (
    <main className="alone" role="status">
      {fault ? (
        <Said text={fault.message} action={{ words: "Try again", onClick: onAgain }} />
      ) : (
        <>
          <Spinner size="sm" /> {children}
        </>
      )}
    </main>
  );
}
