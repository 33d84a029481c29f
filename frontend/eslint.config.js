import js from "@eslint/js";
import jsxA11y from "eslint-plugin-jsx-a11y";
import reactHooks from "eslint-plugin-react-hooks";
import tseslint from "typescript-eslint";

export default tseslint.config(
  { ignores: ["dist", "src/api/schema.d.ts"] },
  js.configs.recommended,
  ...tseslint.configs.strict,
  jsxA11y.flatConfigs.recommended,
  {
    plugins: { "react-hooks": reactHooks },
    rules: {
      "react-hooks/rules-of-hooks": "error",
      "react-hooks/exhaustive-deps": "error",
      "@typescript-eslint/no-non-null-assertion": "error",
      // the board is one tab stop with a cell cursor of its own, as the pattern for grids asks
      "jsx-a11y/no-noninteractive-tabindex": ["error", { roles: ["application"], tags: [] }],
      "jsx-a11y/no-noninteractive-element-interactions": "off",
    },
  },
);
