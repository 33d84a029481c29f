import { type ReactNode, useState } from "react";

import { type MenuAct, PointerMenu } from "./PointerMenu";

interface Props {
  title?: string;
  acts: MenuAct[];
  children: ReactNode;
}

/** A quiet button that opens a menu where it stands. */
export function MenuButton({ title, acts, children }: Props) {
  const [at, setAt] = useState<{ x: number; y: number }>();
  return (
    <>
      <button
        type="button"
        className="quiet"
        aria-haspopup="menu"
        title={title}
        onClick={(event) => {
          const box = event.currentTarget.getBoundingClientRect();
          setAt({ x: box.left, y: box.top });
        }}
      >
        {children}
      </button>
      {at && <PointerMenu at={at} acts={acts} onClose={() => setAt(undefined)} />}
    </>
  );
}
