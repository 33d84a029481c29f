/** Text in which fractions are set as true fractions. */
export function Fr({ children }: { children: string }) {
  return (
    <>
      {children.split(/(\d+⁄\d+)/).map((part, index) =>
        index % 2 ? (
          <span key={index} className="frac">
            {part}
          </span>
        ) : (
          part
        ),
      )}
    </>
  );
}
