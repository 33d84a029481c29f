import "./help.scss";

import { useQuery } from "@tanstack/react-query";
import { useRef, useState } from "react";
import { Link } from "react-router";

import { client, type Schemas, settled } from "../api/client";
import { say } from "../language/say";

/** The words of the trade, and the three sizes by an example. */
export function useWords() {
  return useQuery({
    queryKey: ["words"],
    queryFn: () => settled<Schemas["WordsOut"]>(client.GET("/api/words")),
    staleTime: Infinity,
  });
}

/** A word of the trade by its key, once it is known. */
export function useTradeWord(key: string) {
  return useWords().data?.words.find((one) => one.key === key);
}

/** A word of the trade with its help. */
export function TradeWord({ word }: { word: string }) {
  const found = useTradeWord(word);
  return (
    found && (
      <span>
        {found.word} <Help word={word} />
      </span>
    )
  );
}

/** A short help beside a word of the trade. */
export function Help({ word }: { word: string }) {
  const box = useRef<HTMLDetailsElement>(null);
  const [left, setLeft] = useState(false);
  const found = useTradeWord(word);
  if (!found) return null;
  const close = () => box.current?.removeAttribute("open");
  return (
    <details
      ref={box}
      name="help"
      className={left ? "help to-left" : "help"}
      onToggle={() => setLeft((box.current?.getBoundingClientRect().left ?? 0) > window.innerWidth / 2)}
      onKeyDown={(event) => {
        if (event.key === "Escape") close();
      }}
      onBlur={(event) => {
        if (!event.currentTarget.contains(event.relatedTarget)) close();
      }}
    >
      <summary aria-label={say("common-what-is-meant-by", { word: found.word })}>?</summary>
      <p>
        <b>{found.word}</b>: {found.meaning} <Link to="/words">{say("common-all-words")}</Link>
      </p>
    </details>
  );
}
