import { useQuery } from "@tanstack/react-query";
import { useState } from "react";
import { Button } from "react-bootstrap";
import { Link } from "react-router";

import { client, type Schemas, settled } from "../api/client";
import { device } from "../api/names";
import { useChange } from "../api/useChange";
import { Fr } from "../common/Fr";
import { Said } from "../common/Notices";
import { say } from "../language/say";
import type { SheetPage } from "./PaperPage";

type Box = SheetPage["boxes"][number];
type News = Schemas["NewsOut"];

const AROUND = 1.1; // sides of a box that are shown around it where it is asked

/** A page beside what was read on it: each box can be put right, those that are not sure are asked; then it is told. */
export function SheetTicks({ page }: { page: SheetPage }) {
  const [said, setSaid] = useState<ReadonlyMap<number, boolean>>(new Map());
  const [told, setTold] = useState<string[]>();
  const answer = (box: Box) => said.get(box.number) ?? (box.read === "doubtful" ? undefined : box.read === "ticked");
  const ticked = page.boxes.filter((box) => answer(box)).map((box) => box.number);
  const asked = page.boxes.filter((box) => box.read === "doubtful");
  const open = asked.filter((box) => answer(box) === undefined).length;
  const tick = (box: Box, on: boolean) => {
    setTold(undefined);
    setSaid(new Map(said).set(box.number, on));
  };
  const path = { params: { path: { code: page.code } } };
  const news = useQuery({
    queryKey: ["sheet-news", page.code, ticked, told],
    queryFn: ({ signal }) =>
      settled<News>(client.POST("/api/sheets/{code}/news", { ...path, body: { ticked }, signal })),
  });
  const taking = useChange(
    (taken: number[]) =>
      settled<News>(client.POST("/api/sheets/{code}/take", { ...path, body: { ticked: taken, device: device() } })),
    // whatever shows the table shows it as it is now
    { refresh: [[]], onDone: (kept) => setTold(kept.news) },
  );
  const tells = told ?? news.data?.news ?? [];
  return (
    <>
      <h2>
        <Fr>{say("table-page-of", { title: page.title, page: page.page })}</Fr>
      </h2>
      <div className="sheet-beside">
        <PagePicture page={page} answer={answer} onTick={tick} />
        <div>
          {page.boxes.length === 0 && <p>{say("table-no-boxes-on-it")}</p>}
          {asked.map((box) => (
            <fieldset key={box.number} className="is-it-ticked">
              <legend>{say("table-is-it-ticked")}</legend>
              <svg
                viewBox={`${box.x - box.width * AROUND} ${box.y - box.height * AROUND} ${box.width * (1 + 2 * AROUND)} ${box.height * (1 + 2 * AROUND)}`}
                preserveAspectRatio="none"
                width="96"
                height="96"
                aria-hidden="true"
              >
                <image href={source(page)} width="1" height="1" preserveAspectRatio="none" />
              </svg>
              <span>
                <Fr>{box.words}</Fr>
              </span>
              {([true, false] as const).map((on) => (
                <label key={String(on)}>
                  <input
                    type="radio"
                    name={`${page.code} ${box.number}`}
                    checked={answer(box) === on}
                    onChange={() => tick(box, on)}
                  />{" "}
                  {on ? say("table-yes-it-is") : say("table-no-it-is-not")}
                </label>
              ))}
            </fieldset>
          ))}
          <h3>{say("table-as-it-was-read")}</h3>
          <ul className="boxes-read">
            {rowsOf(page.boxes).map((boxes) => (
              <BoxRow key={boxes[0]?.number} boxes={boxes} answer={answer} onTick={tick} />
            ))}
          </ul>
          <section className="it-tells" aria-live="polite">
            <h3>{told ? say("table-is-told") : say("table-it-tells")}</h3>
            {open > 0 ? (
              <p>{say("table-say-first", { count: open })}</p>
            ) : (
              <ul>
                {tells.map((words) => (
                  <li key={words}>
                    <Fr>{words}</Fr>
                  </li>
                ))}
              </ul>
            )}
            {open === 0 && !told && news.data?.news.length === 0 && <p>{say("table-nothing-new")}</p>}
            {news.error && <Said text={news.error.message} />}
            {taking.error && <Said text={taking.error.message} onClose={() => taking.reset()} />}
            {told ? (
              <p className="where-to">
                <Link to={`/${page.kind}s/${page.owner}/cut`}>{say("table-to-the-list")}</Link>
                <Link to={`/${page.kind}s/${page.owner}/sew`}>{say("table-to-the-sewing")}</Link>
              </p>
            ) : (
              <Button
                disabled={open > 0 || !news.data?.news.length || taking.isPending}
                onClick={() => taking.mutate(ticked)}
              >
                {say("table-tell-the-table")}
              </Button>
            )}
          </section>
        </div>
      </div>
    </>
  );
}

function source(page: SheetPage): string {
  return `data:image/jpeg;base64,${page.picture}`;
}

interface Answered {
  answer: (box: Box) => boolean | undefined;
  onTick: (box: Box, on: boolean) => void;
}

/** The straightened page with each box as it was read. */
function PagePicture({ page, answer, onTick }: Answered & { page: SheetPage }) {
  return (
    <figure className="page-read">
      <img src={source(page)} alt={say("table-the-page-as-it-was-read")} />
      <svg viewBox="0 0 1 1" preserveAspectRatio="none" aria-hidden="true">
        {page.boxes.map((box) => {
          const on = answer(box);
          return (
            <rect
              key={box.number}
              className={on === undefined ? "doubtful" : on ? "ticked" : "empty"}
              x={box.x - box.width * 0.2}
              y={box.y - box.height * 0.2}
              width={box.width * 1.4}
              height={box.height * 1.4}
              onClick={() => onTick(box, !on)}
            />
          );
        })}
      </svg>
    </figure>
  );
}

/** Boxes that stand side by side and tell of the same. */
function rowsOf(boxes: readonly Box[]): Box[][] {
  const rows: Box[][] = [];
  for (const box of boxes) {
    const row = rows.at(-1);
    if (row?.[0]?.words === box.words) row.push(box);
    else rows.push([box]);
  }
  return rows;
}

function BoxRow({ boxes, answer, onTick }: Answered & { boxes: Box[] }) {
  const words = boxes[0]?.words ?? "";
  return (
    <li>
      <span className="ticks">
        {boxes.map((box, place) => (
          <input
            key={box.number}
            type="checkbox"
            className={answer(box) === undefined ? "doubtful" : undefined}
            checked={answer(box) ?? false}
            aria-label={say("table-box-of", { number: place + 1, words })}
            onChange={(event) => onTick(box, event.target.checked)}
          />
        ))}
      </span>
      <span>
        <Fr>{words}</Fr>
        {boxes.length > 1 && (
          <small>
            {say("table-ticked-of", { ticked: boxes.filter((box) => answer(box)).length, boxes: boxes.length })}
          </small>
        )}
      </span>
    </li>
  );
}
