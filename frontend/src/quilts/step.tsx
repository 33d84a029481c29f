import { lazy } from "react";

import type { Step } from "../block/step";
import { say } from "../language/say";

export const step: Step = {
  name: "set",
  words: say("common-set"),
  Page: lazy(async () => ({ default: (await import("./SetStep")).SetStep })),
};
