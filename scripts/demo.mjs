import { rmSync } from "node:fs";
import path from "node:path";
import { ensureBuilt, ensureInstalled, hostFrom, makeDemo, portFromEnv, portTaken, ROOT, serve } from "./lib/steps.mjs";

// never GAFFEL_DATA: --reset must not be able to touch a real house
const data = path.join(ROOT, "demo-data");
const words = process.argv.slice(2);
const unknown = words.filter((word) => word !== "--reset" && word !== "--open");
if (unknown.length > 0) {
  console.error(
    `Unknown: ${unknown.join(" ")}. There are --reset, which makes the demo data afresh, and --open, which lets tablets in.`,
  );
  process.exit(1);
}
// said before the long part, not after it
if (await portTaken(portFromEnv())) {
  console.error(`Port ${portFromEnv()} is taken. Stop what runs there, or choose another: PORT=4311 npm run demo`);
  process.exit(1);
}
if (words.includes("--reset")) {
  for (const end of ["", "-wal", "-shm"]) rmSync(path.join(data, `gaffel.sqlite${end}`), { force: true });
}
await ensureInstalled();
await ensureBuilt();
await makeDemo(data);
await serve(data, "npm run demo", hostFrom(words));
