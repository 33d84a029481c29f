import { client, type Schemas, settled } from "./client";

export type BlockLog = Schemas["BlockLogOut"];

/** The log of a block. */
export function readLog(id: string): Promise<BlockLog> {
  return settled<BlockLog>(client.GET("/api/blocks/{block_id}/log", { params: { path: { block_id: id } } }));
}
