import { useQuery } from "@tanstack/react-query";

import { client, type Draft, type Schemas, settled } from "../api/client";
import { Help } from "../common/Help";
import { SettingField } from "../common/SettingField";
import { shownOn } from "../common/settings";
import { say } from "../language/say";

interface Props {
  own: Draft["fabrics"][number] | undefined;
  settings: Draft["sheet"]["settings"];
  onTie: (shelf: string) => void;
  onSet: (name: string, text: string) => void;
}

/** How a cloth is bought, and to which fabric of the shelf it is tied. */
export function HowBought({ own, settings, onTie, onSet }: Props) {
  const shelf = useQuery({
    queryKey: ["fabrics"],
    queryFn: () => settled<Schemas["ShelfFabricOut"][]>(client.GET("/api/fabrics")),
  });
  return (
    <details className="cloth-settings">
      <summary>{say("cut-how-this-cloth-is-bought")}</summary>
      <Help word="width-of-fabric" />
      {own && (
        <label className="typed">
          <span>{say("cut-from-the-fabric-shelf")}</span>
          <select value={own.shelf} onChange={(event) => onTie(event.target.value)}>
            <option value="">{say("cut-not-tied-to-any")}</option>
            {(shelf.data ?? []).map((one) => (
              <option key={one.id} value={one.id}>
                {one.name}
              </option>
            ))}
          </select>
        </label>
      )}
      {shownOn("cloth", settings).map(([name, setting]) => (
        <SettingField key={name} name={name} setting={setting} onKeep={(text) => onSet(name, text)} />
      ))}
    </details>
  );
}
