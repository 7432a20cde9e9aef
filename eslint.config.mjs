// What is looked for in the browser's scripts and their tests; how they are laid out is prettier's business.
import js from "@eslint/js"
import globals from "globals"

export default [
  js.configs.recommended,
  {
    files: ["app/javascript/**/*.js"],
    languageOptions: { globals: globals.browser },
    rules: {
      "no-unused-vars": ["error", { argsIgnorePattern: "^_", caughtErrors: "none", ignoreRestSiblings: true }],
      "no-var": "error",
      "prefer-const": ["error", { destructuring: "all" }],
      "no-console": "error",
      "max-len": ["error", { code: 140 }],
      eqeqeq: ["error", "always", { null: "ignore" }]
    }
  },
  {
    files: ["test/javascript/**/*.mjs", "script/*.mjs", "bench/**/*.mjs", "*.mjs"],
    languageOptions: { globals: globals.node }
  }
]
