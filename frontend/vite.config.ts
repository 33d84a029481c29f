import babel from "@rolldown/plugin-babel";
import react, { reactCompilerPreset } from "@vitejs/plugin-react";
import { defineConfig } from "vite";

// Bootstrap's `legend + *` makes the browser work out the style of everything beside whatever is inserted anywhere,
// the drawing of a block among it. Our legends do not float, so nothing need be cleared after them.
const withoutLegendClearing = {
  postcssPlugin: "without-legend-clearing",
  Rule(rule: { selector: string; remove: () => void }) {
    if (rule.selector === "legend + *") rule.remove();
  },
};

export default defineConfig({
  // the compiler has each part of a page drawn anew only where what it shows changed
  plugins: [react(), babel({ presets: [reactCompilerPreset()] })],
  build: { target: "es2022", chunkSizeWarningLimit: 900 },
  server: { proxy: { "/api": "http://127.0.0.1:8765" } },
  css: {
    postcss: { plugins: [withoutLegendClearing] },
    preprocessorOptions: { scss: { quietDeps: true, silenceDeprecations: ["import"] } },
  },
});
