import type { Measuring } from "../api/useMeasuring";
import { Fr } from "../common/Fr";
import { say } from "../language/say";
import { SizeField } from "./SizeField";

export type Row = Measuring["card"][number]["rows"][number];

interface Props {
  row: Row;
  lit: boolean;
  fault: string | undefined;
  onFocus: () => void;
  onKeep: (size: string) => void;
}

/** One line of the card: where, what it must be, what it is, and what to mind. */
export function CardRow({ row, lit, fault, onFocus, onKeep }: Props) {
  return (
    <tr className={lit ? "lit" : ""}>
      <th scope="row">{row.words}</th>
      <td>
        <Fr>{row.must}</Fr>
      </td>
      <td>
        <SizeField
          name={row.what}
          label={say("measure-measures", { words: row.words })}
          value={row.size}
          fault={fault}
          onFocus={onFocus}
          onKeep={onKeep}
        />
      </td>
      <td className={row.good ? "off" : "off doubt"}>
        {fault ? (
          <span role="alert" className="fault">
            {fault}
          </span>
        ) : (
          <Fr>{row.off}</Fr>
        )}
        {row.mind && !fault && (
          <strong role="status" className="mind">
            {row.mind}
          </strong>
        )}
      </td>
    </tr>
  );
}
