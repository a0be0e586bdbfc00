import js from "@eslint/js";
import hooks from "eslint-plugin-react-hooks";
import tseslint from "typescript-eslint";

/**
 * The folders of src, each of which may import from those before it and from none after it: first
 * what every screen shares, then what one step of the work needs, last the pages.
 */
const FOLDERS = [
  ["api", "document", "guide", "ui", "house"],
  ["backdrops", "colour", "library", "pictures", "paint", "finishes", "fonts", "ornaments"],
  ["snapping", "stage", "history", "cutout", "cues", "screening", "proof", "deliver", "roster"],
  ["sheets", "help", "stack", "compose", "starters", "frame", "photographs", "start"],
  ["housePage", "app"],
].flat();

const oneWay = FOLDERS.map((folder, i) => ({
  files: [`src/${folder}/**`],
  rules: {
    "no-restricted-imports": [
      "error",
      {
        patterns: [
          {
            regex: `^(\\.\\./)+(${[...FOLDERS.slice(i + 1), "main"].join("|")})(/|$)`,
            message: `What ${folder} needs stands in a folder before it; see eslint.config.js for their order.`,
          },
        ],
      },
    ],
  },
}));

export default tseslint.config(
  { ignores: ["dist", "src/api/schema.d.ts", "*.config.*"] },
  js.configs.recommended,
  ...tseslint.configs.strictTypeChecked,
  {
    languageOptions: { parserOptions: { projectService: true } },
    plugins: { "react-hooks": hooks },
    rules: {
      ...hooks.configs.recommended.rules,
      "@typescript-eslint/restrict-template-expressions": ["error", { allowNumber: true }],
      "@typescript-eslint/no-confusing-void-expression": ["error", { ignoreArrowShorthand: true }],
      // A new kind of anything is found wherever kinds are told apart.
      "@typescript-eslint/switch-exhaustiveness-check": [
        "error",
        { considerDefaultExhaustiveForUnions: false, allowDefaultCaseForExhaustiveSwitch: false },
      ],
    },
  },
  ...oneWay,
);
