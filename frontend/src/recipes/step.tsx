import type { Step } from "../block/step";
import { say } from "../language/say";
import { RecipesStep } from "./Recipes";

export const step: Step = { name: "recipes", words: say("block-recipes"), Page: RecipesStep };
