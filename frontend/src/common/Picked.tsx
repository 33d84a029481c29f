interface Props<Value extends string> {
  label: string;
  value: Value;
  choices: { value: Value; words: string }[];
  onKeep: (value: Value) => void;
}

/** One of a few choices that have words, kept as soon as it is picked. */
export function Picked<Value extends string>({ label, value, choices, onKeep }: Props<Value>) {
  return (
    <label className="typed">
      <span>{label}</span>
      <select
        value={value}
        onChange={(event) => {
          const picked = choices.find((one) => one.value === event.target.value);
          if (picked) onKeep(picked.value);
        }}
      >
        {choices.map((one) => (
          <option key={one.value} value={one.value}>
            {one.words}
          </option>
        ))}
      </select>
    </label>
  );
}
