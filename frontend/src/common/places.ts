import { say } from "../language/say";

/** The rooms of the house, in the order in which they are listed everywhere. */
export const PLACES = [
  { path: "/", words: say("common-blocks") },
  { path: "/quilts", words: say("common-quilts") },
  { path: "/fabrics", words: say("common-fabric-shelf") },
  { path: "/finder", words: say("common-size-finder") },
  { path: "/seam-log", words: say("common-seam-log") },
  { path: "/words", words: say("common-words") },
];
