import en from "../src/language/en";
import { speak } from "../src/language/say";

speak("en", en);
