import js from "@eslint/js";
import boundaries from "eslint-plugin-boundaries";
import hooks from "eslint-plugin-react-hooks";
import tseslint from "typescript-eslint";

/** Which folder may use which: no circle can arise, as each uses only what stands above it. */
const USES = {
  api: [],
  figures: ["api"],
  words: ["api", "figures"],
  parts: ["api", "figures", "words"],
  frame: ["api", "parts"],
  formula: ["api", "figures", "words", "parts", "frame"],
  batch: ["api", "words", "parts"],
  caution: ["api", "figures", "words", "formula"],
  explain: ["api", "figures", "words", "parts"],
  guide: ["api", "figures", "words", "parts"],
  kitchen: ["api", "figures", "words", "parts"],
  pantry: ["api", "figures", "words", "parts", "frame", "formula"],
  intake: ["api", "figures", "words", "parts", "frame", "formula"],
  prep: ["api", "figures", "words", "parts", "frame", "formula", "caution"],
  method: ["api", "figures", "words", "parts", "formula", "caution"],
  handling: ["api", "figures", "words", "parts", "formula", "batch"],
  rework: ["api", "figures", "words", "parts", "formula"],
  portion: ["api", "figures", "words", "parts", "formula", "caution"],
  bench: ["api", "figures", "words", "parts", "frame", "formula"],
  notebook: ["api", "figures", "words", "parts", "frame", "formula", "bench"],
  plan: ["api", "figures", "words", "parts", "frame", "formula"],
  card: ["api", "figures", "words", "parts", "formula", "caution"],
  balance: ["api", "figures", "words", "parts", "frame", "formula", "caution", "pantry", "intake", "handling"],
};

export default tseslint.config(
  { ignores: ["dist", "target", "node_modules", "src/api/schema.d.ts", "public", "eslint.config.js"] },
  js.configs.recommended,
  ...tseslint.configs.strict,
  hooks.configs.flat.recommended,
  {
    rules: {
      "@typescript-eslint/no-explicit-any": "error",
      "@typescript-eslint/no-unused-vars": [
        "error",
        { argsIgnorePattern: "^_", varsIgnorePattern: "^_", ignoreRestSiblings: true },
      ],
      "@typescript-eslint/no-non-null-assertion": "error",
      "no-restricted-exports": ["error", { restrictDefaultExports: { direct: true } }],
    },
  },
  { files: ["vite.config.ts"], rules: { "no-restricted-exports": "off" } },
  {
    files: ["src/*/**/*.{ts,tsx}"],
    plugins: { boundaries },
    settings: {
      "import/resolver": { node: { extensions: [".ts", ".tsx"] } },
      "boundaries/elements": Object.keys(USES).map((type) => ({ type, pattern: `src/${type}` })),
      "boundaries/files": [{ category: "entry", pattern: "src/*/index.ts" }],
    },
    rules: {
      "boundaries/dependencies": [
        "error",
        {
          default: "disallow",
          policies: [
            { allow: { to: { module: { origin: "external" } } } },
            { allow: { to: { module: { origin: "core" } } } },
            ...Object.entries(USES).flatMap(([type, used]) => [
              { from: { element: { type } }, allow: { to: { element: { type } } } },
              ...(used.length === 0
                ? []
                : [
                    {
                      from: { element: { type } },
                      allow: { to: { element: { types: { anyOf: used } }, file: { categories: "entry" } } },
                    },
                  ]),
            ]),
          ],
        },
      ],
    },
  },
);
