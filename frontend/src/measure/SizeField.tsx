import { useEffect, useState } from "react";

interface Props {
  name: string;
  label: string;
  value: string;
  fault: string | undefined;
  onFocus: () => void;
  onKeep: (size: string) => void;
}

/** A size on the card, kept when it is left; Enter and the arrows go on to the next, and nothing in it forgets the size. */
export function SizeField({ name, label, value, fault, onFocus, onKeep }: Props) {
  const [text, setText] = useState(value);
  useEffect(() => setText(value), [value]);
  const go = (from: HTMLInputElement, by: number) => {
    const fields = [...document.querySelectorAll<HTMLInputElement>(".measures input")];
    const to = fields[fields.indexOf(from) + by];
    if (to) to.focus();
    else from.blur();
  };
  return (
    <input
      id={`size-${name}`}
      value={text}
      aria-label={label}
      autoComplete="off"
      inputMode="text"
      spellCheck={false}
      aria-invalid={fault ? true : undefined}
      onFocus={(event) => {
        event.target.select();
        onFocus();
      }}
      onChange={(event) => setText(event.target.value)}
      onBlur={() => {
        if (text.trim() !== value) onKeep(text.trim());
      }}
      onKeyDown={(event) => {
        if (event.key === "Enter" || event.key === "ArrowDown" || event.key === "ArrowUp") {
          event.preventDefault();
          go(event.currentTarget, event.key === "ArrowUp" ? -1 : 1);
        }
        if (event.key === "Escape") setText(value);
      }}
    />
  );
}
