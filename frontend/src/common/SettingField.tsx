import { Form } from "react-bootstrap";

import { OwnedRulers } from "./OwnedRulers";
import { Picked } from "./Picked";
import type { Setting } from "./settings";
import { Typed } from "./Typed";

interface Props {
  name: string;
  setting: Setting;
  fault?: string | undefined;
  onKeep: (text: string) => void;
}

/** One setting: its choices as buttons, a count to pick, or a field to type in. */
export function SettingField({ name, setting, fault, onKeep }: Props) {
  if (setting.kind === "choice") {
    return (
      <div className="choices">
        {setting.choices.map(({ value, words }) => (
          <Form.Check
            key={value}
            type="radio"
            id={`${name}-${value}`}
            name={name}
            label={words}
            checked={setting.value === value}
            onChange={() => {
              onKeep(value);
            }}
          />
        ))}
      </div>
    );
  }
  if (setting.kind === "rulers") return <OwnedRulers setting={setting} fault={fault} onKeep={onKeep} />;
  if (setting.kind === "count") {
    return <Picked label={setting.label} value={setting.value} choices={setting.choices} onKeep={onKeep} />;
  }
  return (
    <Typed
      label={setting.label}
      value={setting.value}
      suffix={setting.suffix}
      width="4rem"
      onKeep={onKeep}
      fault={fault}
    />
  );
}
