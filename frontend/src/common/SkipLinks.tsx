import { say } from "../language/say";
interface Props {
  /** Where to, as a selector of the place, and what it is called. */
  to: [string, string][];
}

/** The first Tab stops of a page: over its header to what it is for. They show when they are gone to. */
export function SkipLinks({ to }: Props) {
  return (
    <nav className="skip-links" aria-label={say("common-skip")}>
      {to.map(([place, words]) => (
        <button key={place} type="button" onClick={() => goTo(place)}>
          {words}
        </button>
      ))}
    </nav>
  );
}

/** Moves the focus to a place of the page, told as a selector. */
export function goTo(selector: string, how: FocusOptions = {}): void {
  const place = document.querySelector<HTMLElement | SVGElement>(selector);
  if (!place) return;
  if (place.tabIndex < 0) place.tabIndex = -1;
  place.focus(how);
}
