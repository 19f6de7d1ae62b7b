// Speed, each figure against a stated reference measured in the same run: npm run bench
import { mkdtempSync, rmSync } from "node:fs";
import os from "node:os";
import path from "node:path";
import { butter } from "./butter";
import { cardsBench } from "./cards";
import { heat, slabLoop } from "./heat";
import { hold } from "./hold";
import { printRows } from "./measure";
import { pages, served, tenYearPages } from "./pages";
import { plan, raw } from "./plans";
import { railBench } from "./rail";
import { records } from "./records";
import { saturdayBench } from "./saturday";
import { schedule } from "./schedule";
import { tabletDay, tabletsBench } from "./tablets";
import { makeTenYears } from "./tenYears";
import { touchBench } from "./touch";

const folder = mkdtempSync(path.join(os.tmpdir(), "gaffel-bench-"));
// all of it, or only the parts named: npm run bench -- heat plan
const PARTS = "heat plan raw butter cards schedule saturday records pages rail touch hold tablets years day".split(" ");
const wanted = process.argv.slice(2);
const strange = wanted.filter((part) => !PARTS.includes(part));
if (strange.length > 0) {
  process.stderr.write(`no part "${strange.join(", ")}": there are ${PARTS.join(", ")}\n`);
  process.exit(2);
}
const has = (part: string) => wanted.length === 0 || wanted.includes(part);
if (has("heat")) {
  slabLoop("before all else");
  heat();
}
if (has("plan")) plan();
if (has("raw")) raw();
if (has("butter")) butter();
if (has("cards")) cardsBench();
if (has("schedule")) await schedule();
if (has("saturday")) await saturdayBench(path.join(folder, "saturday"));
if (has("heat") && has("plan")) slabLoop("after plans of every shape");
if (has("records") || has("pages")) records(folder);
if (has("pages")) await served(folder, pages);
if (has("rail")) await railBench(path.join(folder, "rail"));
if (has("touch")) await touchBench(path.join(folder, "touch"));
if (has("hold")) await hold(path.join(folder, "hold"));
if (has("tablets")) await tabletsBench(path.join(folder, "tablets"));
if (has("years") || has("day")) {
  const years = path.join(folder, "ten-years");
  const made = makeTenYears(years, Date.now());
  if (has("years")) await tenYearPages(years, made);
  if (has("day")) await tabletDay(years);
}
rmSync(folder, { recursive: true, force: true });
printRows();
