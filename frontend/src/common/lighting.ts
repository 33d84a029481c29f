import type { FocusEvent, PointerEvent } from "react";

/** What lights something up while it is pointed at; after a tap or at the focus it stays until another is. */
export function lighting(on: () => void, off: () => void) {
  return {
    onPointerEnter: on,
    onPointerLeave: (event: PointerEvent) => {
      if (event.pointerType !== "touch") off();
    },
    onFocus: on,
    onBlur: (event: FocusEvent) => {
      if (!event.currentTarget.contains(event.relatedTarget)) off();
    },
  };
}
