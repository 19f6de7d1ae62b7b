// Bundles what the server's threads run into one file each: they load it without the framework.
import { build } from "esbuild";

await build({
  entryPoints: ["src/server/tasks.ts", "src/server/keep.ts"],
  outdir: ".workers",
  outExtension: { ".js": ".mjs" },
  bundle: true,
  platform: "node",
  target: "node20",
  format: "esm",
  alias: { "@": "./src" },
  // packages written for CommonJS ask for it
  banner: { js: 'import { createRequire } from "node:module"; const require = createRequire(import.meta.url);' },
  // it finds its WebAssembly beside itself
  external: ["highs", "better-sqlite3", "pdfmake"],
  logLevel: "warning",
});
