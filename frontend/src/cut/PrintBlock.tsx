import { useQuery } from "@tanstack/react-query";
import { useState } from "react";

import { contentKey } from "../api/contentKey";
import { client, type Draft, type Schemas, settled } from "../api/client";
import { PrintAll } from "../common/PrintAll";
import type { Paper } from "../common/TakeAlong";
import { say } from "../language/say";
import type { Stage } from "./plan";

type Sheet = Schemas["PaperSheetOut"];

interface Props {
  id: string;
  view: Draft;
  stage: Stage;
  paper: Paper;
  onClose: () => void;
}

/** All sheets of a block on paper, or those that are chosen. */
export function PrintBlock({ id, view, stage, paper, onClose }: Props) {
  const body = { document: view.document, stage, paper, block_id: id };
  const [left, setLeft] = useState<Sheet["name"][]>([]);
  const known = useQuery({
    queryKey: ["sheets", id, stage, contentKey(view.document)],
    queryFn: ({ signal }) => settled<Sheet[]>(client.POST("/api/preview/sheets", { body, signal })),
  });
  const sheets = (known.data ?? []).map((one) => one.name).filter((name) => !left.includes(name));
  if (!known.data) return null;
  const asked = { ...body, sheets };
  return (
    <PrintAll
      name={view.sheet.name}
      path="/api/files/everything.pdf"
      asked={asked}
      pages={(signal) => settled(client.POST("/api/preview/everything", { body: asked, signal }))}
      onClose={onClose}
    >
      <fieldset className="sheets-chosen">
        <legend>{say("cut-sheets")}</legend>
        {known.data.map(({ name, words }) => (
          <label key={name}>
            <input
              type="checkbox"
              checked={!left.includes(name)}
              disabled={sheets.length === 1 && sheets[0] === name}
              onChange={() => setLeft(left.includes(name) ? left.filter((one) => one !== name) : [...left, name])}
            />{" "}
            {words}
          </label>
        ))}
      </fieldset>
    </PrintAll>
  );
}
