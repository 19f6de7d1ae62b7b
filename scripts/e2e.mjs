// Browser tests alone: npm run e2e -- [Playwright's own arguments]
import { browserTests } from "./lib/browserTests.mjs";
import { ensureChromium } from "./lib/chromium.mjs";
import { ensureBuilt, ensureInstalled } from "./lib/steps.mjs";

await ensureInstalled();
const chromium = await ensureChromium();
await ensureBuilt();
const { failed } = await browserTests(chromium, process.argv.slice(2));
process.exit(failed === 0 ? 0 : 1);
