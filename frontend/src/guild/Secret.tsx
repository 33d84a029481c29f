import { useState } from "react";
import { say } from "../language/say";

interface Props {
  label: string;
  complete: "current-password" | "new-password";
  value: string;
  onChange: (value: string) => void;
  fault?: string | undefined;
}

/** A password: hidden, or shown while it is typed. */
export function Secret({ label, complete, value, onChange, fault }: Props) {
  const [shown, setShown] = useState(false);
  return (
    <label>
      {label}
      <span className="guild-secret">
        <input
          className="form-control"
          type={shown ? "text" : "password"}
          autoComplete={complete}
          required
          maxLength={400}
          value={value}
          aria-invalid={Boolean(fault)}
          onChange={(event) => onChange(event.target.value)}
        />
        <button type="button" className="quiet" aria-pressed={shown} onClick={() => setShown(!shown)}>
          {shown ? say("guild-hide") : say("guild-show")}
        </button>
      </span>
      {fault && (
        <span className="fault" role="alert">
          {label} {fault}
        </span>
      )}
    </label>
  );
}
