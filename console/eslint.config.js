import js from "@eslint/js";
import hooks from "eslint-plugin-react-hooks";
import tseslint from "typescript-eslint";

export default tseslint.config(
  { ignores: ["dist", "target", "node_modules", "src/rest/schema.ts", "test-results"] },
  js.configs.recommended,
  ...tseslint.configs.strict,
  hooks.configs.flat.recommended,
);
