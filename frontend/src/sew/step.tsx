import { lazy } from "react";

import type { Step } from "../block/step";
import { say } from "../language/say";

export const step: Step = {
  name: "sew",
  words: say("common-sew"),
  atTheTable: true,
  Page: lazy(async () => ({ default: (await import("./Sew")).SewStep })),
};
