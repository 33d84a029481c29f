import { useQuery, useQueryClient } from "@tanstack/react-query";
import { useRef, useState } from "react";
import { Button, Form, Spinner } from "react-bootstrap";

import { type BlockLog as Log, readLog } from "../api/blockLog";
import { asItIs, client, type Draft, faultsOf, type Schemas, settled } from "../api/client";
import { useChange } from "../api/useChange";
import { Fr } from "../common/Fr";
import { Said } from "../common/Notices";
import { day, say } from "../language/say";

type Note = Log["notes"][number];
type Photo = Log["photos"][number];
type Kind = Schemas["NoteIn"]["kind"];

const KINDS: [Kind, string][] = [
  ["note", say("measure-a-note")],
  ["next-time", say("measure-to-change-next-time")],
  ["left-over", say("measure-what-was-left-of-a")],
];

/** The log of a block: notes, what to change next time, what was left over, photos. */
export function BlockLog({ id, view }: { id: string; view: Draft }) {
  const key = ["block-log", id];
  const found = useQuery({ queryKey: key, queryFn: () => readLog(id) });
  const log = found.data;
  const [gone, setGone] = useState<{ words: string; back: () => void }>();
  const refresh = { refresh: [key] };
  const path = { block_id: id };
  const noteOut = useChange(
    (one: Note) =>
      settled(
        client.DELETE("/api/blocks/{block_id}/notes/{note_id}", { params: { path: { ...path, note_id: one.id } } }),
      ),
    {
      ...refresh,
      onDone: (_, one) => setGone({ words: say("measure-the-entry-was-taken-out"), back: () => noteBack.mutate(one) }),
    },
  );
  const noteBack = useChange(
    (one: Note) =>
      settled(
        client.POST("/api/blocks/{block_id}/notes/{note_id}/restore", {
          params: { path: { ...path, note_id: one.id } },
        }),
      ),
    { ...refresh, onDone: () => setGone(undefined) },
  );
  const photoOut = useChange(
    (one: Photo) =>
      settled(
        client.DELETE("/api/blocks/{block_id}/photos/{photo_id}", { params: { path: { ...path, photo_id: one.id } } }),
      ),
    {
      ...refresh,
      onDone: (_, one) => setGone({ words: say("measure-the-photo-was-taken-out"), back: () => photoBack.mutate(one) }),
    },
  );
  const photoBack = useChange(
    (one: Photo) =>
      settled(
        client.POST("/api/blocks/{block_id}/photos/{photo_id}/restore", {
          params: { path: { ...path, photo_id: one.id } },
        }),
      ),
    { ...refresh, onDone: () => setGone(undefined) },
  );
  const fault = found.error ?? noteOut.error ?? noteBack.error ?? photoOut.error ?? photoBack.error;
  if (!log) {
    return fault ? (
      <Said
        text={fault.message}
        action={{ words: say("common-button-try-again"), onClick: () => void found.refetch() }}
      />
    ) : (
      <p role="status">
        <Spinner size="sm" /> {say("measure-fetching-the-log")}
      </p>
    );
  }
  return (
    <div className="block-log">
      <section>
        <h1>{say("measure-the-log-of", { name: view.sheet.name })}</h1>
        {fault && <Said text={fault.message} />}
        {gone && (
          <Said
            text={gone.words}
            action={{ words: say("common-bring-it-back"), onClick: gone.back }}
            onClose={() => setGone(undefined)}
          />
        )}
        <NoteForm id={id} />
        {log.next_time.length > 0 && <h2>{say("measure-head-to-change-next-time")}</h2>}
        <Notes notes={log.next_time} onTakeOut={(one) => noteOut.mutate(one)} />
        {log.notes.length > 0 && <h2>{say("measure-what-was-noted")}</h2>}
        <Notes notes={log.notes} onTakeOut={(one) => noteOut.mutate(one)} />
        {log.taken_back.some((one) => one.times > 0) && (
          <>
            <h2>{say("measure-seams-that-were-taken-back")}</h2>
            <ul>
              {log.taken_back
                .filter((one) => one.times > 0)
                .map((one) => (
                  <li key={one.mark}>
                    {one.words}: {say("common-times", { times: one.times })}
                  </li>
                ))}
            </ul>
          </>
        )}
      </section>
      <aside>
        <h2>{say("measure-photos")}</h2>
        <PhotoForm id={id} />
        {log.photos.map((one) => (
          <figure key={one.id}>
            <a href={`/api/blocks/${id}/photos/${one.id}.jpg`} target="_blank" rel="noreferrer">
              <img
                src={`/api/blocks/${id}/photos/${one.id}.jpg`}
                width={one.width}
                height={one.height}
                alt={one.caption || say("measure-a-photo-of-the-block")}
                loading="lazy"
              />
            </a>
            <figcaption>
              {one.caption || day(one.made)}{" "}
              <button
                type="button"
                className="quiet"
                aria-label={say("measure-take-out-the-photo", { caption: one.caption })}
                onClick={() => photoOut.mutate(one)}
              >
                {say("common-take-out")}
              </button>
            </figcaption>
          </figure>
        ))}
      </aside>
    </div>
  );
}

function Notes({ notes, onTakeOut }: { notes: Note[]; onTakeOut: (one: Note) => void }) {
  if (!notes.length) return null;
  return (
    <ul className="notes">
      {notes.map((one) => (
        <li key={one.id}>
          <small>{day(one.made)}</small>
          <p>
            <Fr>{one.text}</Fr>
          </p>
          <button
            type="button"
            className="quiet"
            aria-label={say("measure-take-out", { beginning: one.text.slice(0, 40) })}
            onClick={() => onTakeOut(one)}
          >
            {say("common-take-out")}
          </button>
        </li>
      ))}
    </ul>
  );
}

const NOTHING = { text: "", length: "", pieces: "", left: "", wanted: "" };
const STRIP = [
  ["length", say("measure-the-strip-was-long")],
  ["pieces", say("measure-and-gave-so-many-pieces")],
  ["left", say("measure-what-was-left")],
  ["wanted", say("measure-pieces-wanted-of-the-next")],
] as const;

function NoteForm({ id }: { id: string }) {
  const queries = useQueryClient();
  const [kind, setKind] = useState<Kind>("note");
  const [form, setForm] = useState(NOTHING);
  const strip = kind === "left-over";
  const keeping = useChange(
    () =>
      settled<Log>(
        client.POST("/api/blocks/{block_id}/notes", {
          params: { path: { block_id: id } },
          body: {
            kind,
            text: form.text,
            left_over: strip
              ? {
                  length: form.length,
                  pieces: Number(form.pieces),
                  left: form.left,
                  wanted: Number(form.wanted),
                }
              : null,
          },
        }),
      ),
    {
      refresh: [["block-log", id]],
      onDone: (next) => {
        setForm(NOTHING);
        queries.setQueryData(["block-log", id], next);
      },
    },
  );
  const faults = keeping.error ? faultsOf(keeping.error) : [];
  return (
    <Form
      className="note-form"
      onSubmit={(event) => {
        event.preventDefault();
        keeping.mutate();
      }}
    >
      <fieldset>
        <legend className="visually-hidden">{say("measure-what-is-noted")}</legend>
        {KINDS.map(([name, words]) => (
          <Form.Check
            key={name}
            inline
            type="radio"
            id={`note-${name}`}
            name="note-kind"
            label={words}
            checked={kind === name}
            onChange={() => setKind(name)}
          />
        ))}
      </fieldset>
      {strip && (
        <div className="strip-fields">
          {STRIP.map(([name, words]) => (
            <Form.Group key={name} controlId={`strip-${name}`}>
              <Form.Label>{words}</Form.Label>
              <Form.Control
                value={form[name]}
                autoComplete="off"
                onChange={(event) => setForm({ ...form, [name]: event.target.value })}
              />
            </Form.Group>
          ))}
        </div>
      )}
      <Form.Group controlId="note-text">
        <Form.Label>{strip ? say("measure-which-strip") : say("measure-in-your-words")}</Form.Label>
        <Form.Control
          as="textarea"
          rows={2}
          maxLength={4000}
          value={form.text}
          onChange={(event) => setForm({ ...form, text: event.target.value })}
        />
      </Form.Group>
      {faults.length > 0 && <Said text={faults.map((one) => `${one.where} ${one.message}`.trim()).join("\n")} />}
      <Button type="submit" size="sm" disabled={keeping.isPending}>
        {say("measure-note-it")}
      </Button>
    </Form>
  );
}

function PhotoForm({ id }: { id: string }) {
  const queries = useQueryClient();
  const [caption, setCaption] = useState("");
  const input = useRef<HTMLInputElement>(null);
  const sending = useChange(
    async (photo: File) => {
      const asked = client.POST("/api/blocks/{block_id}/photos", {
        params: { path: { block_id: id }, query: { caption } },
        ...asItIs(photo),
      });
      return settled<Log>(asked);
    },
    {
      refresh: [["block-log", id]],
      onDone: (next) => {
        setCaption("");
        queries.setQueryData(["block-log", id], next);
      },
    },
  );
  return (
    <div className="photo-form">
      <Form.Group controlId="photo-caption">
        <Form.Label>{say("measure-what-it-shows")}</Form.Label>
        <Form.Control size="sm" maxLength={400} value={caption} onChange={(event) => setCaption(event.target.value)} />
      </Form.Group>
      <Button variant="outline-primary" size="sm" disabled={sending.isPending} onClick={() => input.current?.click()}>
        {sending.isPending ? say("measure-sending") : say("measure-add-a-photo")}
      </Button>
      <input
        ref={input}
        type="file"
        accept="image/jpeg,image/png,image/webp"
        className="visually-hidden"
        aria-label={say("measure-a-photo-of-the-block")}
        tabIndex={-1}
        onChange={(event) => {
          const [photo] = event.target.files ?? [];
          event.target.value = "";
          if (photo) sending.mutate(photo);
        }}
      />
      <p className="quiet-text">{say("measure-kept-with-the-block-without")}</p>
      {sending.error && <Said text={sending.error.message} onClose={() => sending.reset()} />}
    </div>
  );
}
