import { useEffect, useState } from "react";

interface Props {
  label: string;
  value: string;
  onKeep: (value: string) => void;
  fault?: string | undefined;
  width?: string;
  showLabel?: boolean;
  className?: string;
  suffix?: string;
  spoken?: string;
  /** What counts where nothing is typed; the field may then be emptied. */
  otherwise?: string;
}

/** A small field for a length or a word, kept on Enter or when it is left; Escape puts back what was there. */
export function Typed({
  label,
  value,
  onKeep,
  fault,
  width = "5rem",
  showLabel = true,
  className = "",
  suffix,
  spoken,
  otherwise,
}: Props) {
  const [text, setText] = useState(value);
  useEffect(() => setText(value), [value, fault]);
  const keep = () => {
    if ((text.trim() || otherwise) && text !== value) onKeep(text.trim());
    else setText(value);
  };
  return (
    <label className={`typed ${className}`}>
      <span className={showLabel ? "" : "visually-hidden"}>{label}</span>
      <input
        value={text}
        style={{ width }}
        placeholder={otherwise}
        autoComplete="off"
        aria-label={spoken ?? label}
        spellCheck={false}
        aria-invalid={fault ? true : undefined}
        onFocus={(event) => event.target.select()}
        onChange={(event) => setText(event.target.value)}
        onBlur={keep}
        onKeyDown={(event) => {
          event.stopPropagation();
          if (event.key === "Enter") event.currentTarget.blur();
          if (event.key === "Escape") {
            setText(value);
            event.preventDefault();
          }
        }}
      />
      {suffix && <span>{suffix}</span>}
      {fault && (
        <small className="typed-fault" role="alert">
          {`${spoken ?? label}: ${fault}`}
        </small>
      )}
    </label>
  );
}
