import { Spinner } from "react-bootstrap";

import type { Act } from "../api/client";
import { MenuButton } from "../common/MenuButton";
import { say } from "../language/say";
import type { SeenSeam, UnderPaper } from "./useUnderPicture";

interface Props {
  under: UnderPaper;
  parts: number;
  act: (acts: Act[]) => void;
}

export const seamAct = ({ start, end }: SeenSeam): Act => ({ do: "sew", start, end });

/** What is to be said of the seams that were looked for in the picture. */
export function seamsSaid({ finding, seams }: UnderPaper): string {
  if (finding.error) return finding.error.message;
  return finding.isSuccess ? say("draft-so-many-seams-seen", { count: seams.length }) : "";
}

/** What can be done with the picture under the paper: faded, its seams looked for, taken away. */
export function UnderBar({ under, parts, act }: Props) {
  if (!under.address) return null;
  const { seams, finding } = under;
  const ofSeams = [
    {
      words: say("draft-take-them-all"),
      run: () => {
        act(seams.map(seamAct));
        under.leave(seams);
      },
    },
    { words: say("draft-leave-them"), run: () => under.leave(seams) },
  ];
  return (
    <div className="under-bar" role="group" aria-label={say("draft-a-picture-under-the-paper")}>
      <MenuButton
        acts={[
          { words: say("draft-find-its-seams"), run: () => finding.mutate(parts) },
          ...(seams.length > 0 ? ofSeams : []),
          { words: say("draft-take-the-picture-away"), run: under.takeAway },
        ]}
      >
        {finding.isPending && <Spinner size="sm" />} {say("draft-picture")}
      </MenuButton>
      <input
        type="range"
        min={0}
        max={1}
        step={0.05}
        value={under.cloth}
        aria-label={say("draft-how-much-cloth-over-it")}
        title={say("draft-how-much-cloth-over-it")}
        onChange={(event) => under.fade(Number(event.target.value))}
      />
      <span className="visually-hidden" role="status">
        {seamsSaid(under)}
      </span>
    </div>
  );
}
