import type { Schemas } from "../api/client";

export type CutPlan = Schemas["CutOutPlan"];
export type CutFabric = Schemas["CutFabricOut"];
export type CutLine = Schemas["CutLineOut"];
export type Stage = CutPlan["stage"];
