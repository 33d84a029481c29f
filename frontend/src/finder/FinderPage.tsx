import "./finder.scss";

import { useQuery } from "@tanstack/react-query";
import { useEffect, useState } from "react";
import { Form } from "react-bootstrap";
import { useSearchParams } from "react-router";

import { client, type Schemas, settled } from "../api/client";
import { useBeginning, useUsual } from "../api/useUsual";
import { Brand } from "../common/Brand";
import { House } from "../common/House";
import { say } from "../language/say";
import { CutChart } from "./CutChart";
import { IsItRight } from "./IsItRight";
import { OnHand } from "./OnHand";
import { PatternList } from "./PatternList";

export type Settings = Schemas["SettingsOut"];
export type Kinds = Schemas["KindOut"][];

const QUESTIONS = [
  ["on-hand", say("finder-what-can-i-make-from")],
  ["check", say("finder-is-this-number-right")],
  ["chart", say("finder-the-chart")],
  ["list", say("finder-a-patterns-list")],
] as const;

/** Questions outside a block: what squares on hand can become, whether a number is right, charts of cut sizes. */
export function FinderPage() {
  const [search, setSearch] = useSearchParams();
  const asked = QUESTIONS.find(([name]) => name === search.get("ask"))?.[0] ?? "on-hand";
  const { beginnings, unit: usual } = useUsual();
  const [settings, setSettings] = useState<Settings>(useBeginning(usual).settings);
  const kinds = useQuery({
    queryKey: ["kinds"],
    queryFn: () => settled<Kinds>(client.GET("/api/finder/kinds")),
    staleTime: Infinity,
  });
  useEffect(() => {
    document.title = say("finder-size-finder-yonk");
  }, []);
  const unit = (next: string) => {
    const found = beginnings.find((one) => one.settings.unit === next);
    if (found) setSettings(found.settings);
  };
  return (
    <div className="finder-page">
      <header className="top">
        <Brand />
        <House />
        <h1>{say("common-size-finder")}</h1>
        <nav aria-label={say("finder-questions")}>
          {QUESTIONS.map(([name, words]) => (
            <button
              key={name}
              type="button"
              className="step"
              aria-current={asked === name ? "page" : undefined}
              onClick={() => setSearch({ ask: name })}
            >
              {words}
            </button>
          ))}
        </nav>
      </header>
      <main className="finder">
        <Form className="finder-settings" aria-label={say("finder-what-you-work-with")}>
          <Form.Select
            size="sm"
            aria-label={say("common-unit-of-length")}
            value={settings.unit}
            onChange={(event) => unit(event.target.value)}
          >
            <option value="in">{say("common-inches")}</option>
            <option value="cm">{say("common-cm")}</option>
          </Form.Select>
          {(
            [
              ["seam", say("common-seam-allowance")],
              ["ruler_step", say("finder-ruler-steps")],
              ["trim_margin", say("finder-trim-margin")],
            ] as const
          ).map(([name, words]) => (
            <label key={name} className="typed">
              <span>{words}</span>
              <input
                value={settings[name]}
                style={{ width: "3.4rem" }}
                autoComplete="off"
                onChange={(event) => setSettings({ ...settings, [name]: event.target.value })}
              />
            </label>
          ))}
        </Form>
        {asked === "on-hand" && <OnHand key={settings.unit} settings={settings} />}
        {asked === "check" && kinds.data && <IsItRight key={settings.unit} settings={settings} kinds={kinds.data} />}
        {asked === "chart" && kinds.data && <CutChart key={settings.unit} settings={settings} kinds={kinds.data} />}
        {asked === "list" && <PatternList key={settings.unit} settings={settings} />}
        {kinds.error && <p role="alert">{kinds.error.message}</p>}
      </main>
    </div>
  );
}
