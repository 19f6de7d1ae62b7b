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
  ["Lint", "eslint", [".", "--max-warnings", "0"]],
  ["Types", "tsc", ["--noEmit"]],
  ["Formatting", "prettier", ["--check", ".", "--log-level", "warn"]],
  ["Boundaries", "depcruise", ["src", "--config", ".dependency-cruiser.cjs", "--output-type", "err"]],
  ["Unused code and dependencies", "knip", []],
];
const broken = [];
async function check([title, command, args]) {
  console.log(`> ${title}`);
  const done = await run(bin(command), args, { quiet: true, note: title });
  if (done.code === 0) return;
  console.error(done.output);
  broken.push(title);
}

await check(["Route types", "next", ["typegen"]]);
const waiting = [...CHECKS];
const takeNext = async () => {
  for (let next = waiting.shift(); next; next = waiting.shift()) await check(next);
};
await Promise.all([takeNext(), takeNext()]);

async function unitTests() {
  console.log("> Unit tests");
  const report = path.join(os.tmpdir(), `gaffel-jest-${process.pid}.json`);
  // by itself Jest leaves one core for a terminal nobody looks at
  const args = ["--json", `--outputFile=${report}`, "--maxWorkers=100%"];
  const unit = await run(bin("jest"), args, { quiet: true, note: "Unit tests", env: { ...ENV, TZ: "UTC" } });
  if (unit.code !== 0) console.error(unit.output);
  try {
    const counts = JSON.parse(readFileSync(report, "utf8"));
    return { passed: counts.numPassedTests, failed: counts.numFailedTests + counts.numRuntimeErrorTestSuites };
  } catch {
    console.error("Jest wrote no report.");
    return { passed: 0, failed: 1 };
  } finally {
    rmSync(report, { force: true });
  }
}

// the build waits a good deal, the tests calculate: side by side they cost little more than the longer of the two
const [unit] = await Promise.all([unitTests(), ensureBuilt()]);
console.log("> Browser tests");
const browser = await browserTests(chromium);
const passed = unit.passed + browser.passed;
const failed = unit.failed + browser.failed;

console.log(`Took ${Math.round((Date.now() - started) / 1000)} s.`);
if (broken.length > 0) console.error(`Broken: ${broken.join(", ")}.`);
console.log(`${passed} passed, ${failed + broken.length} failed`);
process.exit(failed === 0 && broken.length === 0 ? 0 : 1);
