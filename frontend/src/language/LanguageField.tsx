import { useQuery } from "@tanstack/react-query";

import { client, type Schemas, settled } from "../api/client";
import { useChange } from "../api/useChange";
import { Said } from "../common/Notices";
import { say } from "./say";

type Languages = Schemas["LanguagesOut"];
type Spoken = Languages["spoken"];

/** The language of pages, files and paper, chosen once; the page is opened anew in it. */
export function LanguageField() {
  const found = useQuery({ queryKey: ["languages"], queryFn: () => settled<Languages>(client.GET("/api/languages")) });
  const choosing = useChange(
    async (spoken: Spoken) => {
      await settled(client.PUT("/api/languages", { body: { spoken } }));
      location.reload();
    },
    { refresh: [] },
  );
  if (!found.data) return null;
  return (
    <div className="language-field">
      {choosing.error && <Said text={choosing.error.message} />}
      <label>
        {say("common-language")}{" "}
        <select
          value={found.data.spoken}
          disabled={choosing.isPending}
          onChange={(event) => choosing.mutate(event.target.value as Spoken)}
        >
          {found.data.choices.map((one) => (
            <option key={one.code} value={one.code} lang={one.code}>
              {one.name}
            </option>
          ))}
        </select>
      </label>
    </div>
  );
}
