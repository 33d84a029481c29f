import "./measures.scss";

import { client, faultsOf, type Schemas, settled } from "../api/client";
import { useChange } from "../api/useChange";
import { Said } from "../common/Notices";
import { say } from "../language/say";
import { CardRow, type Row } from "./CardRow";

interface Props {
  id: string;
  unit: Schemas["MeasuredIn"]["unit"];
  trial: number;
  words: string;
  rows: Row[];
  lit?: string | undefined;
  onFocus?: (what: string) => void;
}

/** Some lines of the card of a trial block, each kept when it is left. */
export function MeasuredRows({ id, unit, trial, words, rows, lit, onFocus }: Props) {
  const keeping = useChange(
    ({ row, size }: { row: Row; size: string }) =>
      settled(
        client.PUT("/api/blocks/{block_id}/measured", {
          params: { path: { block_id: id } },
          body: { what: row.what, size, expected: row.expected, unit, trial },
        }),
      ),
    {
      refresh: [
        ["measuring", id],
        ["recipes", id],
      ],
      inOrder: "measured",
    },
  );
  const refused = keeping.error ? faultsOf(keeping.error) : [];
  const elsewhere = refused.filter((one) => one.place !== keeping.variables?.row.what);
  return (
    <>
      {elsewhere.length > 0 && <Said text={elsewhere.map((one) => one.message).join("\n")} />}
      <table className="measures">
        <caption>{words}</caption>
        <thead className="visually-hidden">
          <tr>
            <th scope="col">{say("measure-where")}</th>
            <th scope="col">{say("measure-column-must-be")}</th>
            <th scope="col">{say("measure-is")}</th>
            <th scope="col">{say("measure-off-by")}</th>
          </tr>
        </thead>
        <tbody>
          {rows.map((row) => {
            const mine = keeping.variables?.row.what === row.what;
            return (
              <CardRow
                key={row.what}
                row={row}
                lit={row.what === lit}
                fault={mine ? refused.find((one) => one.place === row.what)?.message : undefined}
                onFocus={() => onFocus?.(row.what)}
                onKeep={(size) => keeping.mutate({ row, size })}
              />
            );
          })}
        </tbody>
      </table>
    </>
  );
}
