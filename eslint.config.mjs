import next from "eslint-config-next/core-web-vitals";
import nextTypescript from "eslint-config-next/typescript";

const CORE_ONLY = "The core is pure: it imports only the core, pure mathematics and the canonical form of JSON.";
const GIVEN = "The core takes time and chance as arguments.";

const config = [
  {
    ignores: [
      ".next/**",
      ".workers/**",
      "node_modules/**",
      "next-env.d.ts",
      "data/**",
      "demo-data/**",
      "test-results/**",
      "playwright-report/**",
    ],
  },
  ...next,
  ...nextTypescript,
  {
    rules: {
      "no-console": "error",
      eqeqeq: "error",
      "@typescript-eslint/no-unused-vars": ["error", { argsIgnorePattern: "^_", varsIgnorePattern: "^_" }],
      "@typescript-eslint/consistent-type-imports": ["error", { fixStyle: "inline-type-imports" }],
    },
  },
  {
    // with types: a promise nobody waits for, a case nobody thought of, a question whose answer is known
    files: ["src/**/*.ts", "src/**/*.tsx", "bench/**/*.ts", "e2e/**/*.ts", "tools/**/*.ts"],
    languageOptions: { parserOptions: { projectService: true } },
    rules: {
      "@typescript-eslint/no-floating-promises": "error",
      "@typescript-eslint/no-misused-promises": ["error", { checksVoidReturn: { attributes: false } }],
      "@typescript-eslint/switch-exhaustiveness-check": ["error", { considerDefaultExhaustiveForUnions: true }],
      "@typescript-eslint/no-unnecessary-condition": ["error", { allowConstantLoopConditions: true }],
    },
  },
  { files: ["scripts/**", "bench/**"], rules: { "no-console": "off" } },
  { files: ["**/*.cjs"], rules: { "@typescript-eslint/no-require-imports": "off" } },
  {
    files: ["src/app/**/*.{ts,tsx}", "src/ui/**/*.{ts,tsx}"],
    ignores: ["src/ui/reach/**"],
    rules: {
      "no-restricted-syntax": [
        "error",
        {
          selector: "CallExpression[callee.object.name='router'][callee.property.name='refresh']",
          message:
            "A page asked for anew over a dead line is lost, with all that was typed in it: useRefresh waits for the house.",
        },
      ],
    },
  },
  {
    files: ["src/core/**/*.ts"],
    ignores: ["**/*.test.{ts,tsx}", "**/*.testkit.{ts,tsx}"],
    rules: {
      "no-restricted-imports": [
        "error",
        {
          patterns: [{ regex: "^(?!\\./|\\.\\./(?!\\.\\.)|@/core/|@stdlib/math-|canonicalize$)", message: CORE_ONLY }],
        },
      ],
      "no-restricted-globals": [
        "error",
        "process",
        "fetch",
        "window",
        "document",
        "console",
        "performance",
        "setTimeout",
        "setInterval",
      ],
      "no-restricted-properties": [
        "error",
        { object: "Date", property: "now", message: GIVEN },
        { object: "Math", property: "random", message: GIVEN },
      ],
      "no-restricted-syntax": [
        "error",
        { selector: "NewExpression[callee.name='Date'][arguments.length=0]", message: GIVEN },
      ],
    },
  },
];

export default config;
