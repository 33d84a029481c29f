import "./help.scss";

import { useQuery } from "@tanstack/react-query";
import { useRef, useState } from "react";
import { Link } from "react-router";

import { client, type Schemas, settled } from "../api/client";

/** The words of the trade, and the three sizes by an example. */
export function useWords() {
  return useQuery({
    queryKey: ["words"],
    queryFn: () => settled<Schemas["WordsOut"]>(client.GET("/api/words")),
    staleTime: Infinity,
  });
}

/** A short help beside a word of the trade. */
export function Help({ word }: { word: string }) {
  const box = useRef<HTMLDetailsElement>(null);
  const [left, setLeft] = useState(false);
  const meaning = useWords().data?.words.find((one) => one.key === word.replaceAll(" ", "-"))?.meaning;
  if (!meaning) return null;
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
      <summary aria-label={`What is meant by ${word}?`}>?</summary>
      <p>
        <b>{word}</b>: {meaning} <Link to="/words">All words</Link>
      </p>
    </details>
  );
}
