import { useQuery } from "@tanstack/react-query";
import { useState } from "react";

import { client, type Schemas, settled } from "../api/client";
import { Swatch } from "../common/Cloth";
import { Costs } from "../common/Costs";
import { Fr } from "../common/Fr";
import { rich, say } from "../language/say";
import { drawn, markOf } from "./shelfFabric";

/** What to buy for chosen blocks; fabrics tied to the same one of the shelf are added up. */
export function Shopping() {
  const [chosen, setChosen] = useState<string[]>([]);
  const [search, setSearch] = useState("");
  const [names, setNames] = useState<Record<string, string>>({});
  const blocks = useQuery({
    queryKey: ["shelf", "shopping", search],
    queryFn: () =>
      settled<Schemas["ShelfOut"]>(client.GET("/api/blocks", { params: { query: { search, order: "name" } } })),
    placeholderData: (before) => before,
  });
  const shown = blocks.data?.blocks ?? [];
  const elsewhere = chosen.filter((id) => !shown.some((block) => block.id === id));
  const list = useQuery({
    queryKey: ["shopping", chosen],
    queryFn: ({ signal }) =>
      settled<Schemas["ShoppingOut"]>(client.POST("/api/shopping", { body: { blocks: chosen }, signal })),
    enabled: chosen.length > 0,
  });
  return (
    <section className="shopping" aria-labelledby="shopping-head">
      <h2 id="shopping-head">{say("fabrics-shopping-list")}</h2>
      <fieldset>
        <legend>{say("common-for-which-blocks")}</legend>
        {((blocks.data?.pages ?? 1) > 1 || search) && (
          <input
            type="search"
            value={search}
            aria-label={say("common-find-a-block-by-its")}
            placeholder={say("common-find-by-name")}
            onChange={(event) => setSearch(event.target.value)}
          />
        )}
        {elsewhere.map((id) => (
          <label key={id}>
            <input type="checkbox" checked onChange={() => setChosen(chosen.filter((one) => one !== id))} /> {names[id]}
          </label>
        ))}
        {shown.map((block) => (
          <label key={block.id}>
            <input
              type="checkbox"
              checked={chosen.includes(block.id)}
              onChange={(event) => {
                setNames({ ...names, [block.id]: `${String(block.blocks)} × ${block.name}` });
                setChosen(event.target.checked ? [...chosen, block.id] : chosen.filter((one) => one !== block.id));
              }}
            />{" "}
            {block.blocks} × {block.name}
          </label>
        ))}
      </fieldset>
      {list.error && <p role="alert">{list.error.message}</p>}
      {chosen.length > 0 && list.data && (
        <ul className="shelf-fabrics">
          {list.data.lines.map((line, index) => (
            <li key={`${line.name} ${String(index)}`}>
              <Swatch fabric={drawn(line)} index={markOf(line.name)} size={40} />
              <div>
                <b>{line.name}</b>{" "}
                <span className="buy">
                  <Fr>{line.buy}</Fr>
                </span>
                {line.fat_quarters && <small> {say("common-or", { fat_quarters: line.fat_quarters })}</small>}
                <p className="quiet-text">
                  {say("fabrics-for", { blocks: line.blocks.join(", ") })}
                  {line.from_shelf.length > 0 && (
                    <>{rich("fabrics-from-the-shelf", { pieces: <Fr>{line.from_shelf.join(", ")}</Fr> })}</>
                  )}
                </p>
                {line.cost && <p className="quiet-text">{line.cost}</p>}
              </div>
            </li>
          ))}
        </ul>
      )}
      {chosen.length > 0 && list.data && <Costs costs={list.data.costs} />}
    </section>
  );
}
