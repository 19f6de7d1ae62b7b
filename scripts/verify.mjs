// Everything that must hold, from nothing: one command, one last line.
import { readFileSync, rmSync } from "node:fs";
import os from "node:os";
import path from "node:path";
import { browserTests } from "./lib/browserTests.mjs";
import { ensureChromium } from "./lib/chromium.mjs";
import { ENV, ensureBuilt, ensureInstalled, run } from "./lib/steps.mjs";

const started = Date.now();
const bin = (name) => path.join("node_modules/.bin", name);

await ensureInstalled();
const chromium = await ensureChromium();

const CHECKS = [
  ["Formatting", "prettier", ["--check", ".", "--log-level", "warn"]],
  ["Route types", "next", ["typegen"]],
  ["Lint", "eslint", [".", "--max-warnings", "0"]],
  ["Types", "tsc", ["--noEmit"]],
  ["Boundaries", "depcruise", ["src", "--config", ".dependency-cruiser.cjs", "--output-type", "err"]],
  ["Unused code and dependencies", "knip", []],
];
const broken = [];
for (const [title, command, args] of CHECKS) {
  console.log(`> ${title}`);
  const done = await run(bin(command), args, { quiet: true, note: title });
  if (done.code === 0) continue;
  console.error(done.output);
  broken.push(title);
}

console.log("> Unit tests");
const report = path.join(os.tmpdir(), `gaffel-jest-${process.pid}.json`);
const unit = await run(bin("jest"), ["--json", `--outputFile=${report}`], {
  quiet: true,
  note: "Unit tests",
  env: { ...ENV, TZ: "UTC" },
});
let [passed, failed] = [0, 1];
try {
  const counts = JSON.parse(readFileSync(report, "utf8"));
  passed = counts.numPassedTests;
  failed = counts.numFailedTests + counts.numRuntimeErrorTestSuites;
} catch {
  console.error("Jest wrote no report.");
}
rmSync(report, { force: true });
if (unit.code !== 0) console.error(unit.output);

await ensureBuilt();
console.log("> Browser tests");
const browser = await browserTests(chromium);
passed += browser.passed;
failed += browser.failed;

console.log(`Took ${Math.round((Date.now() - started) / 1000)} s.`);
if (broken.length > 0) console.error(`Broken: ${broken.join(", ")}.`);
console.log(`${passed} passed, ${failed + broken.length} failed`);
process.exit(failed === 0 && broken.length === 0 ? 0 : 1);
