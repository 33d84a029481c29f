import { useMutation, useQuery } from "@tanstack/react-query";
import { useState } from "react";
import { Button, Spinner } from "react-bootstrap";

import { contentKey } from "../api/contentKey";
import { client, type Document, type Schemas, settled, takeAlong } from "../api/client";
import { Fr } from "../common/Fr";
import { Said } from "../common/Notices";
import { Typed } from "../common/Typed";
import { rich, say } from "../language/say";

type Plan = Schemas["EveningsOut"];
type Evening = Plan["evenings"][number];

interface Habit {
  minutes: number;
  weekdays: number[];
  hour: number;
}

const USUAL: Habit = { minutes: 90, weekdays: [0, 1, 2, 3, 4, 5, 6], hour: 19 };
const WEEKDAYS = [
  say("sew-monday"),
  say("sew-tuesday"),
  say("sew-wednesday"),
  say("sew-thursday"),
  say("sew-friday"),
  say("sew-saturday"),
  say("sew-sunday"),
];
const KEPT = "yonk-evenings";
const MINUTES: [number, number] = [10, 720];

interface Props {
  id: string;
  /** Of a block or a quilt. */
  document: Document;
  paper: "letter" | "a4";
  onStep: (number: number) => void;
}

/** What can be done this evening, and evening by evening until all is done; as a calendar and on paper. */
export function Evenings({ id, document, paper, onStep }: Props) {
  const [habit, setHabit] = useHabit();
  const [first] = useState(() => isoDay(new Date()));
  const [wanted, setWanted] = useState("");
  const asked = { document, block_id: id, first, ...habit, wanted: wanted || null, paper };
  const found = useQuery({
    queryKey: ["table", id, "evenings", first, habit, wanted, contentKey(document)],
    queryFn: ({ signal }) => settled<Plan>(client.POST("/api/evenings", { body: asked, signal })),
    placeholderData: (before) => before,
  });
  const taking = useMutation({ mutationFn: (path: string) => takeAlong(path, asked) });
  const fault = (found.error ?? taking.error)?.message;
  const [tonight, ...later] = found.data?.evenings ?? [];
  return (
    <section className="evenings" aria-labelledby="evenings-head">
      <h1 id="evenings-head">{say("sew-what-can-be-done-this-evening")}</h1>
      {fault && <Said text={fault} onClose={() => taking.reset()} />}
      <div className="evening-fields">
        <Typed
          label={say("sew-i-have")}
          value={String(habit.minutes)}
          width="4rem"
          suffix={say("sew-minutes-an-evening")}
          onKeep={(text) => {
            const minutes = Math.round(Number(text));
            if (minutes >= MINUTES[0] && minutes <= MINUTES[1]) setHabit({ ...habit, minutes });
          }}
        />
        <fieldset>
          <legend>{say("sew-on")}</legend>
          {USUAL.weekdays.map((day) => (
            <label key={day}>
              <input
                type="checkbox"
                checked={habit.weekdays.includes(day)}
                onChange={(event) => {
                  const others = habit.weekdays.filter((one) => one !== day);
                  const weekdays = event.target.checked ? [...others, day].sort() : others;
                  if (weekdays.length > 0) setHabit({ ...habit, weekdays });
                }}
              />{" "}
              {WEEKDAYS[day]}
            </label>
          ))}
        </fieldset>
        <label>
          {say("sew-done-by")}{" "}
          <input type="date" min={first} value={wanted} onChange={(event) => setWanted(event.target.value)} />
        </label>
      </div>
      {!found.data && !fault && (
        <p role="status">
          <Spinner size="sm" /> {say("sew-looking-at-what-is-left")}
        </p>
      )}
      {tonight && <OneEvening evening={tonight} onStep={onStep} />}
      {found.data?.said.map((words) => (
        <p key={words} className={found.data.in_time === false ? "said-of-it late" : "said-of-it"}>
          <Fr>{words}</Fr>
        </p>
      ))}
      {later.length > 0 && (
        <details>
          <summary>{say("sew-evening-by-evening")}</summary>
          {later.map((one) => (
            <OneEvening key={one.day} evening={one} onStep={onStep} />
          ))}
        </details>
      )}
      {tonight && (
        <p className="evening-files">
          <Button size="sm" variant="outline-primary" onClick={() => taking.mutate("/api/files/evenings.ics")}>
            {say("sew-as-a-calendar-file")}
          </Button>
          <Button size="sm" variant="outline-primary" onClick={() => taking.mutate("/api/files/evenings.pdf")}>
            {say("sew-on-paper")}
          </Button>
        </p>
      )}
    </section>
  );
}

function OneEvening({ evening, onStep }: { evening: Evening; onStep: (number: number) => void }) {
  return (
    <section className="one-evening" aria-label={say("sew-the-evening-of", { day: evening.words })}>
      <h2>{rich("sew-day-and-minutes", { day: evening.words, minutes: <b>{evening.minutes}</b> })}</h2>
      <ol>
        {evening.planned.map((one) => (
          <li key={`${one.kind} ${String(one.number)} ${one.words}`}>
            <span>
              <Fr>{one.words}</Fr>
            </span>
            <small>{say("sew-min", { minutes: one.minutes })}</small>
            {one.number > 0 && (
              <button type="button" className="quiet" onClick={() => onStep(one.number)}>
                {say("sew-to-the-step")}
              </button>
            )}
          </li>
        ))}
      </ol>
    </section>
  );
}

/** Her evenings as she told them last, kept in this browser. */
function useHabit(): [Habit, (habit: Habit) => void] {
  const [habit, setHabit] = useState<Habit>(() => {
    const kept = localStorage.getItem(KEPT);
    return kept ? { ...USUAL, ...(JSON.parse(kept) as Partial<Habit>) } : USUAL;
  });
  return [
    habit,
    (next) => {
      localStorage.setItem(KEPT, JSON.stringify(next));
      setHabit(next);
    },
  ];
}

function isoDay(day: Date): string {
  const parts = [day.getFullYear(), day.getMonth() + 1, day.getDate()];
  return parts.map((part) => String(part).padStart(2, "0")).join("-");
}
