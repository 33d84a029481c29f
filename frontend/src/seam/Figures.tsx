import { useState } from "react";
import { Form } from "react-bootstrap";

import { client, faultsOf, type Schemas, settled } from "../api/client";
import { useChange } from "../api/useChange";
import { Said } from "../common/Notices";
import { Typed } from "../common/Typed";
import { say } from "../language/say";

type Log = Schemas["SeamLogOut"];
type Name = Log["figures"][number]["name"];

interface Props {
  log: Log;
  onKept: (log: Log) => void;
}

/** How exactly she works besides the seam; what is not told is a first guess. */
export function Figures({ log, onKept }: Props) {
  const [tried, setTried] = useState<Name>();
  const keeping = useChange(
    (change: Partial<Record<Name, string>> & { taken_back?: number }) => {
      const told = Object.fromEntries(log.figures.map((one) => [one.name, one.guess ? "" : one.value]));
      return settled<Log>(
        client.PUT("/api/seam-log/figures", {
          body: { unit: log.unit, taken_back: log.taken_back, ...told, ...change },
        }),
      );
    },
    { refresh: [["seam-log"], ["measuring"], ["recipes"]], onDone: onKept },
  );
  const faults = keeping.error ? faultsOf(keeping.error) : [];
  const fault = faults.find((one) => one.place === tried)?.message;
  return (
    <section className="figures">
      <h2>{say("seam-how-exactly-you-work")}</h2>
      {faults.length > 0 && !fault && <Said text={faults.map((one) => `${one.where} ${one.message}`).join("\n")} />}
      {log.figures.map((one) => (
        <div key={one.name} className="figure">
          <Typed
            label={one.label}
            value={one.value}
            suffix={log.suffix}
            width="4.5rem"
            fault={tried === one.name ? fault : undefined}
            onKeep={(text) => {
              setTried(one.name);
              keeping.mutate({ [one.name]: text });
            }}
          />
          {one.guess ? (
            <small>{say("seam-a-first-guess")}</small>
          ) : (
            <button type="button" className="quiet small" onClick={() => keeping.mutate({ [one.name]: "" })}>
              {say("seam-as-usual")}
            </button>
          )}
        </div>
      ))}
      <label className="typed">
        <span>{say("seam-a-seam-is-taken-back")}</span>
        <Form.Select
          size="sm"
          value={log.taken_back}
          onChange={(event) => keeping.mutate({ taken_back: Number(event.target.value) })}
        >
          {log.taken_back_choices.map(({ times, words }) => (
            <option key={times} value={times}>
              {words}
            </option>
          ))}
        </Form.Select>
      </label>
      <p className="quiet-text">{say("seam-every-time-weakens-the-edge")}</p>
    </section>
  );
}
