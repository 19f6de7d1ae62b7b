import { mkdtempSync, readFileSync, rmSync } from "node:fs";
import net from "node:net";
import os from "node:os";
import path from "node:path";
import { ENV, makeDemo, run } from "./steps.mjs";

const freePort = () =>
  new Promise((resolve) => {
    const server = net.createServer().listen(0, "127.0.0.1", () => {
      const { port } = server.address();
      server.close(() => resolve(port));
    });
  });

/** Runs Playwright on the built application with demo data of its own in a temporary folder; answers with the counts. */
export async function browserTests(chromium, args = []) {
  const folder = mkdtempSync(path.join(os.tmpdir(), "gaffel-e2e-"));
  const report = path.join(folder, "report.json");
  const data = path.join(folder, "data");
  await makeDemo(data);
  const env = {
    ...ENV,
    CHROMIUM: chromium,
    GAFFEL_DATA: data,
    GAFFEL_E2E_PORT: String(await freePort()),
    GAFFEL_E2E_REPORT: report,
  };
  const done = await run(process.execPath, ["node_modules/@playwright/test/cli.js", "test", ...args], { env });
  let passed = 0;
  let failed = 1;
  try {
    const { stats } = JSON.parse(readFileSync(report, "utf8"));
    [passed, failed] = [stats.expected + stats.flaky, stats.unexpected];
  } catch {
    console.error("Playwright wrote no report.");
  }
  rmSync(folder, { recursive: true, force: true });
  return { passed, failed: done.code === 0 ? failed : Math.max(failed, 1) };
}
