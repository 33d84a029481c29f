import { say } from "../language/say";
interface Props {
  /** How many letters it may have at most. */
  most: number;
  value: string;
  onChange: (value: string) => void;
  fault?: string | undefined;
}

/** The name that somebody signs in with. */
export function NameField({ most, value, onChange, fault }: Props) {
  return (
    <label>
      {say("common-name")}
      <input
        className="form-control"
        autoComplete="username"
        required
        maxLength={most}
        value={value}
        aria-invalid={Boolean(fault)}
        onChange={(event) => onChange(event.target.value)}
      />
      {fault && (
        <span className="fault" role="alert">
          {say("guild-name", { fault })}
        </span>
      )}
    </label>
  );
}
