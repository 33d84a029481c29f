import "@fontsource/alegreya-sans/latin-400.css";
import "@fontsource/alegreya-sans/latin-500.css";
import "@fontsource/alegreya-sans/latin-700.css";
import "@fontsource/alegreya-sans/latin-400-italic.css";
import "@fontsource/alegreya/latin-500.css";
import "./styles/base.scss";

import { showGround } from "./common/ground";
import { learn } from "./language/learn";

showGround();

// texts are read when a module begins, so the language comes first
await learn();
const { showIn } = await import("./App");
if (import.meta.env.PROD && "serviceWorker" in navigator) {
  // a browser that keeps no pages goes on without
  void navigator.serviceWorker.register("/worker.js").catch(() => undefined);
}
const root = document.getElementById("root");
if (root) showIn(root);
