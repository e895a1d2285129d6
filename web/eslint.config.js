import js from "@eslint/js";
import hooks from "eslint-plugin-react-hooks";
import tseslint from "typescript-eslint";

export default tseslint.config(
  { ignores: ["dist", "target", "node_modules", "src/api/schema.d.ts", "public", "eslint.config.js"] },
  js.configs.recommended,
  ...tseslint.configs.strict,
  hooks.configs.flat.recommended,
  {
    rules: {
      "@typescript-eslint/no-explicit-any": "error",
      "@typescript-eslint/no-unused-vars": ["error", { argsIgnorePattern: "^_", varsIgnorePattern: "^_", ignoreRestSiblings: true }],
      "@typescript-eslint/no-non-null-assertion": "error",
      "no-restricted-exports": ["error", { restrictDefaultExports: { direct: true } }],
    },
  },
  { files: ["vite.config.ts"], rules: { "no-restricted-exports": "off" } },
);
