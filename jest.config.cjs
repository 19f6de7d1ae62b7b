/** @type {import("jest").Config} */
module.exports = {
  testEnvironment: "node",
  roots: ["<rootDir>/src", "<rootDir>/tools"],
  testMatch: ["**/*.test.ts"],
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
  transformIgnorePatterns: ["/node_modules/(?!(nanoid|icu-minify|@formatjs)/)"],
  moduleNameMapper: { "^@/(.*)$": "<rootDir>/src/$1" },
};
