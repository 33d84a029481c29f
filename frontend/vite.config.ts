import { createHash } from "node:crypto";
import { readFile, writeFile } from "node:fs/promises";
import { join } from "node:path";
import { brotliCompressSync } from "node:zlib";

import babel from "@rolldown/plugin-babel";
import react, { reactCompilerPreset } from "@vitejs/plugin-react";
import type { Plugin } from "vite";
import { defineConfig } from "vitest/config";

// Bootstrap's `legend + *` makes the browser work out the style of everything beside whatever is inserted anywhere,
// the drawing of a block among it. Our legends do not float, so nothing need be cleared after them.
const withoutLegendClearing = {
  postcssPlugin: "without-legend-clearing",
  Rule(rule: { selector: string; remove: () => void }) {
    if (rule.selector === "legend + *") rule.remove();
  },
};

// What opens the pages while the server is away is asked for by one name, and is told which files there are.
const WORKER = "worker.js";
const offline: Plugin = {
  name: "offline",
  apply: "build",
  generateBundle: {
    order: "post", // after what only holds styles is gone
    handler(_, bundle) {
      const worker = bundle[WORKER];
      if (worker?.type !== "chunk") return;
      const names = Object.keys(bundle).filter((name) => name.startsWith("assets/"));
      const build = createHash("sha256").update(names.join()).digest("hex").slice(0, 16);
      worker.code = worker.code.replace("__FILES__", JSON.stringify({ build, names }).replaceAll('"', '\\"'));
    },
  },
};

// Written once, pressed as far as it goes, beside each file; the server sends that where a browser takes it.
const pressed: Plugin = {
  name: "pressed",
  apply: "build",
  async writeBundle({ dir = "dist" }, files) {
    const texts = Object.keys(files).filter((name) => /\.(js|css|html)$/.test(name));
    await Promise.all(
      texts.map(async (name) => {
        const file = join(dir, name);
        await writeFile(`${file}.br`, brotliCompressSync(await readFile(file)));
      }),
    );
  },
};

// What several pages share comes in few files: forty small ones take a browser longer than their bytes do. What is at
// home in `src` reads texts when it begins, so the language that they are in comes before it, by itself.
const GROUPS = [
  { name: "language", test: /\/src\/(?:language\/(?:say|learn)|common\/ground)\.ts$|\/@fluent\/|^\0/, priority: 3 },
  { name: "libraries", test: /\/node_modules\//, minShareCount: 2, priority: 2 },
  { name: "shared", test: /\/src\/.*\.tsx?$/, minShareCount: 2, priority: 1 },
];

export default defineConfig({
  // the compiler has each part of a page drawn anew only where what it shows changed
  plugins: [react(), babel({ presets: [reactCompilerPreset()] }), offline, pressed],
  build: {
    target: "es2022",
    cssCodeSplit: false, // one order of the rules, whichever page is opened first
    chunkSizeWarningLimit: 900,
    rollupOptions: {
      input: { index: "index.html", worker: "src/offline/worker.ts" },
      output: {
        entryFileNames: (chunk) => (chunk.name === "worker" ? WORKER : "assets/[name]-[hash].js"),
        codeSplitting: { groups: GROUPS },
      },
    },
  },
  // the texts lie beside those of the core
  server: { fs: { allow: [".."] }, proxy: { "/api": "http://127.0.0.1:8765" } },
  test: { setupFiles: ["tests/setup.ts"] },
  css: {
    postcss: { plugins: [withoutLegendClearing] },
    preprocessorOptions: { scss: { quietDeps: true, silenceDeprecations: ["import"] } },
  },
});
