import type { Step } from "../block/step";
import { say } from "../language/say";
import { DraftStep } from "./Draft";

export const step: Step = { name: "draft", words: say("common-draft"), Page: DraftStep };
