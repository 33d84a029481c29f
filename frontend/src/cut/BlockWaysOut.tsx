import { contentKey } from "../api/contentKey";
import { client, type Draft, type Schemas, settled } from "../api/client";
import { DraftPicture } from "../block/DraftPicture";
import { say } from "../language/say";
import { WaysOut } from "../table/WaysOut";
import { LayoutPicture } from "./LayoutPicture";
import type { Stage } from "./plan";

type BlockWay = Schemas["WayOutShown"];

interface Props {
  id: string;
  view: Draft;
  stage: Stage;
  /** What tells this state of the table from others. */
  standing: string;
  onTake: (way: BlockWay) => void;
}

/** The ways out of a block's table, with how the cloth is cut then. */
export function BlockWaysOut({ id, view, stage, standing, onTake }: Props) {
  return (
    <WaysOut
      queryKey={["cut", id, "ways-out", stage, contentKey(view.document), standing]}
      ask={(signal) =>
        settled<Schemas["WaysOutOut"]>(
          client.POST("/api/cut/ways-out", {
            body: { document: view.document, stage, block_id: id, layers: 1 },
            signal,
          }),
        )
      }
      now={view.document}
      shown={(way) => way.shown}
      picture={(document, label) => <DraftPicture document={document} label={label} />}
      more={(way) => (
        <>
          {way.spoils && <p className="doubt">{way.spoils}</p>}
          <details open={!way.shown}>
            <summary>{say("table-how-it-is-cut-then")}</summary>
            {way.layouts.map((one) =>
              one.layouts.map((layout, index) => (
                <LayoutPicture
                  key={`${one.fabric} ${String(index)}`}
                  layout={layout}
                  lines={[]}
                  fabrics={view.fabrics}
                  fabric={one.fabric}
                  lit={undefined}
                  onLit={() => undefined}
                />
              )),
            )}
          </details>
        </>
      )}
      onTake={onTake}
    />
  );
}
