import { useState } from "react";
import { Button } from "react-bootstrap";

import type { Schemas } from "../api/client";
import { Fr } from "../common/Fr";
import { Typed } from "../common/Typed";
import { rich, say } from "../language/say";
import { soMany, wentWrong } from "./happenings";
import type { Change } from "./useTable";

type Line = Schemas["CutLineOut"];

interface Props {
  line: Line;
  /** What the line is, in words. */
  words: string;
  onTell: (words: string, changes: Change[]) => void;
}

/** A line that did not go as planned: so many are cut, or one went wrong and what it is now. */
export function LineMore({ line, words, onTell }: Props) {
  const [wrong, setWrong] = useState(false);
  const [size, setSize] = useState({ width: "", height: "" });
  const tellWrong = (changes: Change[]) => {
    onTell(say("table-one-wrong", { words }), changes);
    setWrong(false);
    setSize({ width: "", height: "" });
  };
  const typed = size.width.trim() && size.height.trim();
  return (
    <div className="line-more">
      <Typed
        label={say("table-cut-so-far")}
        value={String(line.there)}
        width="4rem"
        suffix={say("common-of-total", { total: line.wanted })}
        onKeep={(text) => {
          const count = Number(text);
          if (Number.isInteger(count) && count >= 0)
            onTell(say("table-so-many", { count, words }), soMany(line, Math.min(count, line.wanted)));
        }}
      />
      {line.piece &&
        (wrong ? (
          <fieldset>
            <legend>{say("table-it-is-now")}</legend>
            <input
              aria-label={say("table-width-of-it")}
              value={size.width}
              onChange={(event) => setSize({ ...size, width: event.target.value })}
            />
            <span aria-hidden="true">×</span>
            <input
              aria-label={say("table-height-of-it")}
              value={size.height}
              onChange={(event) => setSize({ ...size, height: event.target.value })}
            />
            <Button
              size="sm"
              variant="outline-primary"
              disabled={!typed}
              onClick={() => tellWrong(wentWrong(line, size))}
            >
              {say("table-keep-it")}
            </Button>
            <Button size="sm" variant="outline-primary" onClick={() => tellWrong(wentWrong(line, undefined))}>
              {say("table-of-no-use")}
            </Button>
            <button type="button" className="quiet" onClick={() => setWrong(false)}>
              {say("common-close")}
            </button>
          </fieldset>
        ) : (
          <Button size="sm" variant="outline-primary" onClick={() => setWrong(true)}>
            {say("table-one-went-wrong")}
          </Button>
        ))}
      {line.serves && <p>{rich("table-serves", { pieces: <Fr>{line.serves}</Fr> })}</p>}
    </div>
  );
}
