import { existsSync } from "node:fs";
import { ENV, run } from "./steps.mjs";

const PLACES = [process.env.CHROMIUM, "/usr/bin/chromium", "/usr/bin/chromium-browser", "/usr/bin/google-chrome"];
const found = () => PLACES.find((place) => place && existsSync(place));

/** Path of a Chromium; installs Debian's when there is none and this user may. */
export async function ensureChromium() {
  if (found()) return found();
  console.log("> Installing Debian's Chromium for the browser tests");
  const env = { ...ENV, DEBIAN_FRONTEND: "noninteractive" };
  const install = ["install", "-y", "--no-install-recommends", "chromium"];
  for (const args of [["update"], install]) {
    const done = await run("apt-get", args, { quiet: true, env, note: `apt-get ${args[0]}` });
    if (done.code !== 0) console.error(done.output);
  }
  if (found()) return found();
  console.error(
    "No Chromium here and it could not be installed. As root: apt-get install chromium; or set CHROMIUM to its path.",
  );
  process.exit(1);
}
