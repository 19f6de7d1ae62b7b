/** @type {import("jest").Config} */
module.exports = {
  testEnvironment: "node",
  // a machine that builds beside it is slow: what hangs is still found
  testTimeout: 60_000,
  roots: ["<rootDir>/src", "<rootDir>/tools"],
  setupFiles: ["<rootDir>/src/app/testkit/framework.setup.testkit.ts"],
  testMatch: ["**/*.test.{ts,tsx}"],
  transform: {
    "^.+\\.(ts|tsx|js)$": [
      "@swc/jest",
      {
        module: { type: "commonjs" },
        jsc: {
          parser: { syntax: "typescript", tsx: true },
          target: "es2022",
          transform: { react: { runtime: "automatic" } },
        },
      },
    ],
  },
  // published as ES modules only
  transformIgnorePatterns: ["/node_modules/(?!(nanoid|icu-minify|@formatjs|react-hotkeys-hook)/)"],
  moduleNameMapper: {
    "\\.css$": "<rootDir>/src/ui/css.testkit.cjs",
    "^(antd|@ant-design/[^/]+)/es/(.*)$": "$1/lib/$2",
    "^@/(.*)$": "<rootDir>/src/$1",
  },
};
