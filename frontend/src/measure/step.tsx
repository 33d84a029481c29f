import { lazy } from "react";

import type { Step } from "../block/step";
import { say } from "../language/say";

export const step: Step = {
  name: "measure",
  words: say("common-measure"),
  Page: lazy(async () => ({ default: (await import("./Measure")).MeasureStep })),
};
