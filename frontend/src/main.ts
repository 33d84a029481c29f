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
const root = document.getElementById("root");
if (root) showIn(root);

// It fetches every file of the house at once, and would stand in the way of what this page asks for first.
const AT_REST = 3000; // ms, when even a large quilt has shown itself
if (import.meta.env.PROD && "serviceWorker" in navigator) {
  setTimeout(() => {
    // a browser that keeps no pages goes on without
    void navigator.serviceWorker.register("/worker.js").catch(() => undefined);
  }, AT_REST);
}
