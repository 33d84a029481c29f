import "./block.scss";

import { useQueryClient } from "@tanstack/react-query";
import { Suspense, useEffect, useState } from "react";
import { useHotkeys } from "react-hotkeys-hook";
import { Link, Navigate, useNavigate, useParams } from "react-router";

import { type Block, client, settled } from "../api/client";
import { EMPTY_HAND, type Held, type Tool, type View } from "../draft/places";
import { Busy, Fetching } from "../common/Waiting";
import { rememberOpened } from "../common/opened";
import { say } from "../language/say";
import { BlockTop } from "./BlockTop";
import { DraftPicture } from "./DraftPicture";
import { Newer } from "./Newer";
import { NextTime } from "./NextTime";
import { STEPS } from "./steps";
import { useDraft } from "./useDraft";

/** One block at one of its steps. The draft in hand, its undo and its saving are the same at every step. */
export function BlockPage() {
  const { id = "", step = "" } = useParams();
  return <OneBlock key={id} id={id} step={step} />;
}

function OneBlock({ id, step }: { id: string; step: string }) {
  const [tool, setTool] = useState<Tool>("put");
  const [show, setShow] = useState<View>({ letters: true, units: false, apart: false, grey: false, four: false });
  const [held, setHeld] = useState(EMPTY_HAND);
  const hold = (part: Partial<Held>) => setHeld((before) => ({ ...before, ...part }));
  const [keys, setKeys] = useState(false);
  const [said, announce] = useState<string>();
  const drafting = useDraft(id, { stretches: tool === "rub", outlines: show.units || show.apart });
  const { view } = drafting;
  const queries = useQueryClient();
  const saved = drafting.saving.state === "saved";
  useEffect(() => {
    if (saved) void queries.invalidateQueries({ queryKey: ["shelf"] });
  }, [queries, saved]);
  useEffect(() => {
    if (!view) return;
    document.title = say("common-yonk", { name: view.sheet.name });
    rememberOpened({ path: `/blocks/${id}`, name: view.sheet.name });
  }, [view, id]);
  const go = useNavigate();
  const place = STEPS.findIndex((one) => one.name === step);
  const goBy = (by: number) => {
    // a second key may come before the first one's step is drawn: the address is ahead of it
    const at = STEPS.findIndex((one) => window.location.pathname.endsWith(`/${one.name}`));
    const to = STEPS[at + by];
    if (to) void go(`/blocks/${id}/${to.name}`);
  };
  useHotkeys("bracketleft", () => goBy(-1), [id]);
  useHotkeys("bracketright", () => goBy(1), [id]);
  const atTheTable = STEPS[place]?.atTheTable;
  useHotkeys("mod+z", drafting.undo, { preventDefault: true, enabled: !atTheTable }, [drafting, atTheTable]);
  useHotkeys("mod+shift+z, mod+y", () => drafting.redo(), { preventDefault: true });

  const Page = STEPS[place]?.Page;
  if (!Page) return <Navigate to={`/blocks/${id}/draft`} replace />;
  if (drafting.missing) {
    return (
      <main className="alone">
        <h1>{drafting.missing}</h1>
        <Link to="/">{say("block-back-to-the-shelf")}</Link>
      </main>
    );
  }
  if (!view) return <Busy>{say("block-fetching-the-block")}</Busy>;
  return (
    <div className="draft-page">
      <BlockTop
        id={id}
        step={step}
        view={view}
        drafting={drafting}
        announce={announce}
        onKeys={step === "draft" ? () => setKeys(true) : undefined}
      />
      <NextTime id={id} />
      <Newer
        id={id}
        drafting={drafting}
        fetch={(one) => settled<Block>(client.GET("/api/blocks/{block_id}", { params: { path: { block_id: one } } }))}
        picture={(document, label) => <DraftPicture document={document} label={label} />}
        onCopied={(copy) => void go(`/blocks/${copy}/draft`)}
      />
      <Suspense fallback={<Fetching />}>
        <Page
          id={id}
          view={view}
          drafting={drafting}
          board={{ tool, setTool, held, hold, show, setShow, announce, said, keys, setKeys }}
        />
      </Suspense>
    </div>
  );
}
