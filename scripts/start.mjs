import path from "node:path";
import { ensureBuilt, ensureInstalled, ROOT, serve } from "./lib/steps.mjs";

const data = path.resolve(ROOT, process.env.GAFFEL_DATA ?? "data");
await ensureInstalled();
await ensureBuilt();
console.log(`The house is kept in ${data}`);
await serve(data, "npm start");
