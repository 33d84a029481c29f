import js from "@eslint/js";
import { createTypeScriptImportResolver } from "eslint-import-resolver-typescript";
import { importX } from "eslint-plugin-import-x";
import jsxA11y from "eslint-plugin-jsx-a11y";
import reactHooks from "eslint-plugin-react-hooks";
import tseslint from "typescript-eslint";

export default tseslint.config(
  { ignores: ["dist", "src/api/schema.d.ts", "*.js"] },
  js.configs.recommended,
  ...tseslint.configs.strictTypeChecked,
  jsxA11y.flatConfigs.recommended,
  importX.flatConfigs.typescript,
  {
    languageOptions: { parserOptions: { projectService: true, tsconfigRootDir: import.meta.dirname } },
    plugins: { "react-hooks": reactHooks, "import-x": importX },
    settings: { "import-x/resolver-next": [createTypeScriptImportResolver()] },
    rules: {
      "import-x/no-cycle": ["error", { ignoreExternal: true }],
      "react-hooks/rules-of-hooks": "error",
      "react-hooks/exhaustive-deps": "error",
      "@typescript-eslint/no-non-null-assertion": "error",
      // a handler that hands on what a call gives is read more easily in one line
      "@typescript-eslint/no-confusing-void-expression": ["error", { ignoreArrowShorthand: true }],
      "@typescript-eslint/restrict-template-expressions": ["error", { allowNumber: true }],
      // a text for the screen comes out of the catalogue, by `say` or `rich`
      "no-restricted-syntax": [
        "error",
        { selector: "JSXText[value=/[A-Za-z]{2}/]:not([value=/^\\s*Yonk\\s*$/])", message: "Say it by the catalogue." },
        {
          selector:
            "JSXAttribute[name.name=/^(aria-label|title|placeholder|alt|label|spoken)$/] > Literal[value=/[A-Za-z]{2}/]",
          message: "Say it by the catalogue.",
        },
      ],
      // the board is one tab stop with a cell cursor of its own, as the pattern for grids asks
      "jsx-a11y/no-noninteractive-tabindex": ["error", { roles: ["application"], tags: [] }],
      "jsx-a11y/no-noninteractive-element-interactions": "off",
    },
  },
  { files: ["tests/**"], rules: { "no-restricted-syntax": "off" } },
);
