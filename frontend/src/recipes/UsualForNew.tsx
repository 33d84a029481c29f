import { client, type Draft, settled } from "../api/client";
import { useChange } from "../api/useChange";
import { useUsual } from "../api/useUsual";
import { Said } from "../common/Notices";

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
        Begin new blocks like this
      </button>
      {hers && (
        <button type="button" className="quiet" onClick={() => leaving.mutate(undefined)}>
          begin them as Yonk would
        </button>
      )}
      <span className="quiet-text" role="status">
        {keeping.isSuccess
          ? "New blocks begin in this unit and with these settings."
          : hers && "New blocks begin with what you kept."}
      </span>
    </div>
  );
}
