import { Dropdown } from "react-bootstrap";
import { Link } from "react-router";

import { type Menu, useExports } from "../api/useExports";
import { say } from "../language/say";

export const PAPERS = ["letter", "a4"] as const;
export type Paper = (typeof PAPERS)[number];

interface Props {
  paper: Paper;
  menu: Menu;
  onPaper: (paper: string) => void;
  onTake: (path: string) => void;
  /** Shows everything as one document. */
  onAll?: () => void;
  /** Whether some of it comes back when it is ticked. */
  comesBack?: boolean;
}

/** What can be printed or taken along from a step, and on which paper. */
export function TakeAlong({ paper, menu, onPaper, onTake, onAll, comesBack }: Props) {
  const files = useExports(menu);
  return (
    <Dropdown>
      <Dropdown.Toggle variant="outline-primary" size="sm" className="w-100">
        {say("common-print-and-take-along")}
      </Dropdown.Toggle>
      <Dropdown.Menu popperConfig={{ strategy: "fixed" }} renderOnMount>
        <label className="paper">
          {say("common-paper")}{" "}
          <select value={paper} onChange={(event) => onPaper(event.target.value)}>
            <option value="letter">{say("common-letter")}</option>
            <option value="a4">A4</option>
          </select>
        </label>
        {onAll && <Dropdown.Item onClick={onAll}>{say("common-everything-looked-at-first")}</Dropdown.Item>}
        {files.map(({ path, words }) => (
          <Dropdown.Item key={path} onClick={() => onTake(path)}>
            {words}
          </Dropdown.Item>
        ))}
        {comesBack && (
          <>
            <Dropdown.Divider />
            <Dropdown.Item as={Link} to="/paper">
              {say("table-from-paper")}
            </Dropdown.Item>
          </>
        )}
      </Dropdown.Menu>
    </Dropdown>
  );
}
