import { step as cut } from "../cut/step";
import { step as draft } from "../draft/step";
import { step as measure } from "../measure/step";
import { step as set } from "../quilts/step";
import { step as recipes } from "../recipes/step";
import { step as sew } from "../sew/step";
import type { Step } from "./step";

/** The steps of a block in their order, a folder each. */
export const STEPS: readonly Step[] = [draft, recipes, cut, sew, measure, set];
