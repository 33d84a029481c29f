import "../common/cards.scss";
import "./recipes.scss";

import { useQuery } from "@tanstack/react-query";
import { useState } from "react";
import { Button, Spinner } from "react-bootstrap";

import { contentKey } from "../api/contentKey";
import { type Act, client, type Draft, type Schemas, settled } from "../api/client";
import type { DraftInHand } from "../block/useDraft";
import { Fr } from "../common/Fr";
import { Said } from "../common/Notices";
import { rich, say } from "../language/say";
import { HowYouWork } from "./HowYouWork";
import { Own } from "./Own";
import { Steps } from "./Steps";
import { UnitPicture } from "./UnitPicture";
import { Ways } from "./Ways";
import { Working } from "./Working";

type Recipes = Schemas["RecipesOut"];
type Card = Schemas["CardOut"];

/** The Recipes step: a card for each group of units, the ways to make it beside each other, and how it is done. */
export function RecipesStep({ id, view, drafting }: { id: string; view: Draft; drafting: DraftInHand }) {
  const [label, setLabel] = useState<string>();
  const [settings, setSettings] = useState(false);
  const found = useQuery({
    queryKey: ["recipes", id, contentKey(view.document)],
    queryFn: ({ signal }) =>
      settled<Recipes>(client.POST("/api/recipes", { body: { document: view.document, block_id: id }, signal })),
    placeholderData: (before) => before,
  });
  const cards = found.data?.cards ?? [];
  const card = cards.find((one) => one.label === label) ?? cards.find((one) => one.ways.length > 1) ?? cards[0];
  const act = (acts: Act[]) => drafting.act(acts);
  return (
    <main className="recipes">
      <nav className="cards" aria-label={say("recipes-units")}>
        {cards.map((one) => (
          <CardButton
            key={one.label}
            card={one}
            fabrics={view.fabrics}
            open={one.label === card?.label}
            onOpen={() => setLabel(one.label)}
          />
        ))}
        <Button variant="outline-primary" size="sm" onClick={() => setSettings(true)}>
          {say("recipes-how-you-work")}
        </Button>
      </nav>
      <section className="recipe" aria-label={say("recipes-recipe")} aria-busy={found.isFetching}>
        {!settings && drafting.faults.length > 0 && (
          <Said
            text={drafting.faults.map((fault) => `${fault.where}: ${fault.message}`).join("\n")}
            onClose={drafting.dismiss}
          />
        )}
        {found.error && (
          <Said
            text={found.error.message}
            action={{ words: say("common-button-try-again"), onClick: () => void found.refetch() }}
          />
        )}
        {!found.data && !found.error && (
          <p role="status">
            <Spinner size="sm" /> {say("recipes-sewing-every-way-once")}
          </p>
        )}
        {card && <Opened key={card.label} card={card} view={view} act={act} />}
      </section>
      {settings && <HowYouWork view={view} faults={drafting.faults} act={act} onClose={() => setSettings(false)} />}
    </main>
  );
}

function CardButton({
  card,
  fabrics,
  open,
  onOpen,
}: {
  card: Card;
  fabrics: Draft["fabrics"];
  open: boolean;
  onOpen: () => void;
}) {
  const taken = card.ways[0];
  return (
    <button type="button" className="unit-card" aria-current={open || undefined} onClick={onOpen}>
      <UnitPicture parts={card.picture} width={card.width} height={card.height} fabrics={fabrics} size={54} />
      <span>
        <b>
          {card.total} × {card.words}
        </b>
        <small>
          {rich("recipes-finished", { letters: card.letters.join(" "), finished: <Fr>{card.finished}</Fr> })}
        </small>
        <small className={taken?.chosen ? "yours" : ""}>
          {taken?.words}
          {taken?.chosen ? say("recipes-your-choice") : ""}
        </small>
      </span>
    </button>
  );
}

function Opened({ card, view, act }: { card: Card; view: Draft; act: (acts: Act[]) => void }) {
  const [name, setName] = useState<string>();
  const [all, setAll] = useState(true);
  const shown = card.ways.find((way) => way.name === name) ?? card.ways[0];
  if (!shown) return null;
  const take = (method: string | null) => {
    act([{ do: "method", kind: card.kind, method, ...(!all && card.at ? { at: card.at } : {}) }]);
    setName(undefined);
  };
  return (
    <>
      <header className="recipe-head">
        <UnitPicture parts={card.picture} width={card.width} height={card.height} fabrics={view.fabrics} size={84} />
        <div>
          <h1>
            {card.words} {card.label}
            {card.hand && say("common-handed", { hand: card.hand })}
          </h1>
          <p>
            {rich("recipes-over-all-blocks-a-block", {
              total: card.total,
              per_block: card.per_block,
              finished: <Fr>{card.finished}</Fr>,
              unfinished: <Fr>{card.unfinished}</Fr>,
            })}
            {card.mate && say("recipes-planned-with-its-mirror-image", { mate: card.mate })}
          </p>
          <p className="reason">
            <Fr>{card.reason}</Fr>
          </p>
        </div>
        {(card.ways.length > 1 || card.own) && card.at && (
          <label className="for-kind">
            <input type="checkbox" checked={all} onChange={(event) => setAll(event.target.checked)} />{" "}
            {say("recipes-choose-for-all-of-this")}
          </label>
        )}
      </header>
      <div className="ways-place">
        <Ways ways={card.ways} shown={shown.name} onShow={setName} onTake={take} />
      </div>
      <div className="how">
        <section aria-labelledby="steps-head">
          <h2 id="steps-head">{say("recipes-step-by-step", { words: shown.words })}</h2>
          <Steps document={view.document} label={card.label} way={shown.name} fabrics={view.fabrics} />
        </section>
        <section aria-labelledby="working-head">
          <h2 id="working-head">{say("common-the-working")}</h2>
          <Working way={shown} fabrics={view.fabrics} />
        </section>
      </div>
      {card.own && <Own key={all ? "kind" : "unit"} card={card} own={card.own} all={all || !card.at} act={act} />}
    </>
  );
}
