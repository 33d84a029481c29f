/** Text in which fractions are set as true fractions. */
export function Fr({ children }: { children: string }) {
  return (
    <>
      {children
        .split(/((?:\d+ )?\d+⁄\d+[″]?)/)
        .map((part, index) => (index % 2 ? <Mixed key={index} text={part} /> : part))}
    </>
  );
}

/** A mixed number, kept on one line. */
function Mixed({ text }: { text: string }) {
  const [, whole = "", fraction = "", mark = ""] = /^(\d+ )?(\d+⁄\d+)(.*)$/.exec(text) ?? [];
  return (
    <span className="text-nowrap">
      {whole}
      <span className="frac">{fraction}</span>
      {mark}
    </span>
  );
}
