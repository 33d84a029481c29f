import type { Step } from "../block/step";
import { say } from "../language/say";
import { CutStep } from "./Cut";

export const step: Step = { name: "cut", words: say("common-cut"), atTheTable: true, Page: CutStep };
