import "../common/cards.scss";
import "./measure.scss";

import { useMutation } from "@tanstack/react-query";
import { useState } from "react";
import { Spinner } from "react-bootstrap";

import { type Act, takeAlong, type Draft } from "../api/client";
import { useMeasuring } from "../api/useMeasuring";
import { useInAddress } from "../common/useInAddress";
import type { DraftInHand } from "../block/useDraft";
import { Said } from "../common/Notices";
import { PAPERS, TakeAlong } from "../common/TakeAlong";
import { say } from "../language/say";
import { BlockLog } from "./BlockLog";
import { Foretold } from "./Foretold";
import { TrialBlock } from "./TrialBlock";

/** Measures that are asked for beside the card at once; the oldest goes. */
const MOST_BESIDE = 40;

const PARTS = [
  ["trial", say("measure-the-trial-block")],
  ["foretold", say("measure-what-to-expect")],
  ["log", say("measure-log-and-photos")],
] as const;

/** The Measure step: what it should measure, what it did, what that says about the rest; the log. */
export function MeasureStep({ id, view, drafting }: { id: string; view: Draft; drafting: DraftInHand }) {
  const [params, change] = useInAddress();
  const [also, setAlso] = useState<string[]>([]);
  const trial = Number(params.get("trial")) || undefined;
  const found = useMeasuring(id, view.document, true, { trial, also });
  const part = PARTS.find(([name]) => name === params.get("look"))?.[0] ?? "trial";
  const paper = PAPERS.find((name) => name === params.get("paper")) ?? view.sheet.paper;
  const go = (name: string, value: string) => change({ [name]: value });
  const taking = useMutation({
    mutationFn: (path: string) => takeAlong(path, { document: view.document, paper }),
  });
  const take = (acts: Act[]) => drafting.act(acts);
  const measuring = found.data;
  const said = [
    ...(taking.error ? [taking.error.message] : []),
    ...drafting.faults.map((one) => `${one.where}: ${one.message}`),
  ];
  return (
    <main className="measuring">
      <nav className="cards" aria-label={say("measure-parts-of-measuring")}>
        {PARTS.map(([name, words]) => (
          <button
            key={name}
            type="button"
            className="sew-step"
            aria-current={part === name || undefined}
            onClick={() => go("look", name)}
          >
            <span>{words}</span>
          </button>
        ))}
        <span className="spring" />
        <TakeAlong
          paper={paper}
          menu="measure"
          onPaper={(next) => go("paper", next)}
          onTake={(path) => taking.mutate(path)}
        />
        <a className="btn btn-outline-primary btn-sm" href={`/api/blocks/${id}/parcel.zip`} download>
          {say("measure-block-log-and-photos-zip")}
        </a>
      </nav>
      <div className="measure-main" aria-busy={found.isFetching}>
        {said.length > 0 && (
          <Said
            text={said.join("\n")}
            onClose={() => {
              taking.reset();
              drafting.dismiss();
            }}
          />
        )}
        {found.error && part !== "log" && (
          <Said
            text={found.error.message}
            action={{ words: say("common-button-try-again"), onClick: () => void found.refetch() }}
          />
        )}
        {part === "log" ? (
          <BlockLog id={id} view={view} />
        ) : !measuring ? (
          !found.error && (
            <p role="status">
              <Spinner size="sm" /> {say("measure-working-out-what-the-block")}
            </p>
          )
        ) : part === "trial" ? (
          <TrialBlock
            id={id}
            view={view}
            measuring={measuring}
            onTake={take}
            onTrial={(number) => go("trial", String(number))}
            onAlso={(names) => setAlso((before) => [...new Set([...before, ...names])].slice(-MOST_BESIDE))}
          />
        ) : (
          <Foretold id={id} measuring={measuring} onTake={take} />
        )}
      </div>
    </main>
  );
}
