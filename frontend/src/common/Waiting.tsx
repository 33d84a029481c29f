import { Spinner } from "react-bootstrap";
import { useRouteError } from "react-router";

import { words } from "../api/client";

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
