import { defineConfig } from "@playwright/test";

const port = Number(process.env["GAFFEL_E2E_PORT"] ?? 4319);

/** Debian's Chromium; the flags keep it from calling out. Started by scripts/e2e.mjs, which makes the data folder and picks the port. */
export default defineConfig({
  testDir: "e2e",
  workers: 1,
  retries: 0,
  timeout: 120_000,
  expect: { timeout: 25_000 },
  reporter: [["list"], ["json", { outputFile: process.env["GAFFEL_E2E_REPORT"] ?? "test-results/e2e.json" }]],
  use: {
    baseURL: `http://localhost:${port}`,
    locale: "en-GB",
    trace: "off",
    launchOptions: {
      executablePath: process.env["CHROMIUM"] ?? "/usr/bin/chromium",
      args: [
        "--no-sandbox",
        "--disable-gpu",
        "--disable-quic",
        "--no-first-run",
        "--disable-background-networking",
        "--disable-component-update",
        "--disable-sync",
      ],
    },
  },
  projects: [
    { name: "keyboard", use: { viewport: { width: 1280, height: 800 } } },
    {
      name: "touch",
      use: { viewport: { width: 834, height: 1112 }, hasTouch: true },
      testMatch: /(slice|pieces|hands)\.spec\.ts/,
    },
  ],
  webServer: {
    command: `node node_modules/next/dist/bin/next start -p ${port} -H 0.0.0.0`,
    url: `http://localhost:${port}/`,
    env: { GAFFEL_DATA: process.env["GAFFEL_DATA"] ?? "", GAFFEL_HOST: "0.0.0.0", NEXT_TELEMETRY_DISABLED: "1" },
    gracefulShutdown: { signal: "SIGTERM", timeout: 3000 },
    timeout: 60_000,
  },
});
