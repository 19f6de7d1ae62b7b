import path from "node:path";
import { ensureBuilt, ensureInstalled, hostFrom, ROOT, serve } from "./lib/steps.mjs";

const words = process.argv.slice(2);
const unknown = words.filter((word) => word !== "--open" && word !== "--https");
if (unknown.length > 0) {
  console.error(
    `Unknown: ${unknown.join(" ")}. There are --open, which lets tablets of the kitchen's network in, and --https, for cameras and clipboards need it.`,
  );
  process.exit(1);
}
const data = path.resolve(ROOT, process.env.GAFFEL_DATA ?? "data");
await ensureInstalled();
await ensureBuilt();
console.log(`The house is kept in ${data}`);
await serve(data, "npm start", hostFrom(words), words.includes("--https"));
