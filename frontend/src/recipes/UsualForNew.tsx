import { client, type Draft, settled } from "../api/client";
import { useChange } from "../api/useChange";
import { useUsual } from "../api/useUsual";
import { Said } from "../common/Notices";
import { say } from "../language/say";

const TOUCHED = { refresh: [["usual"]] };

/** New blocks begin in the unit and with the settings of this one, kept once. */
export function UsualForNew({ view }: { view: Draft }) {
  const { hers } = useUsual();
  const keeping = useChange(() => settled(client.PUT("/api/usual", { body: { document: view.document } })), TOUCHED);
  const leaving = useChange(() => settled(client.DELETE("/api/usual")), TOUCHED);
  const fault = keeping.error ?? leaving.error;
  return (
    <div className="usual-for-new">
      {fault && <Said text={fault.message} />}
      <button
        type="button"
        className="btn btn-sm btn-outline-primary"
        disabled={keeping.isPending}
        onClick={() => keeping.mutate(undefined)}
      >
        {say("recipes-begin-new-blocks-like-this")}
      </button>
      {hers && (
        <button type="button" className="quiet" onClick={() => leaving.mutate(undefined)}>
          {say("recipes-begin-them-as-yonk-would")}
        </button>
      )}
      <span className="quiet-text" role="status">
        {keeping.isSuccess
          ? say("recipes-new-blocks-begin-in-this")
          : hers && say("recipes-new-blocks-begin-with-what")}
      </span>
    </div>
  );
}
