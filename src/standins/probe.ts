// The simulated probe: sends the centre of a cook as it would go in a kitchen that is a little off its plan.
import { jobOf, requestOf, type SheetRequest } from "@/core/cooking";
import { centreAfter } from "./probeModel";

const USE = `npm run probe -- --probe ID --key KEY [--url http://localhost:4310] [--every 2] [--fast 1]
    [--off vessel=0.85,air=1,thickness=1.04,start=0]
The id and the key are shown when the probe is added under Stove, All pans; put it into a cook there. --off says how this kitchen
differs from the plan (factors, start in K); --fast runs that many times as fast as the clock. It plays a salmonid
side of 26 mm, skin-crisp with an oven finish.`;

const words = process.argv.slice(2);
const value = (name: string) => {
  const at = words.indexOf(`--${name}`);
  return at < 0 ? undefined : words[at + 1];
};
const [probe, key] = [value("probe"), value("key")];
const url = value("url") ?? "http://localhost:4310";
const everyS = Number(value("every") ?? 2);
const fast = Number(value("fast") ?? 1);
const off = Object.fromEntries(
  (value("off") ?? "vessel=0.85,thickness=1.04").split(",").map((part) => part.split("=")),
);
if (!probe || !key || !(everyS > 0) || !(fast > 0)) {
  process.stderr.write(`${USE}\n`);
  process.exit(2);
}

const PLAYED: SheetRequest = {
  speciesId: "arctic-char",
  methodId: "skin-then-oven",
  kit: { panC: 200, ovenC: 180 },
  shape: { kind: "slab", thicknessMm: 26 },
  thinnestMm: 26,
  thickestMm: 26,
  skin: true,
  startC: 8,
  panId: "steel-26",
  goal: { kind: "doneness", targetC: 48 },
  pieces: 4,
  pieceG: 160,
  ruleSetId: "eu-853",
};
const centreC = centreAfter(jobOf(requestOf(PLAYED)!), {
  vessel: Math.log(Number(off["vessel"] ?? 1)),
  air: Math.log(Number(off["air"] ?? 1)),
  thickness: Number(off["thickness"] ?? 1) - 1,
  start: Number(off["start"] ?? 0),
});

const startedMs = Date.now();
async function send(): Promise<void> {
  const seconds = ((Date.now() - startedMs) / 1000) * fast;
  const celsius = Math.round((centreC(seconds) + (Math.random() - 0.5) * 0.4) * 10) / 10;
  try {
    const answer = await fetch(`${url}/api/probes/${probe}/readings`, {
      method: "POST",
      headers: { "content-type": "application/json", authorization: `Bearer ${key}` },
      body: JSON.stringify({ celsius }),
    });
    if (answer.status === 401) {
      process.stderr.write("The house does not know this probe and key.\n");
      process.exit(1);
    }
    const { kept } = (await answer.json()) as { kept: boolean };
    process.stdout.write(`${celsius.toFixed(1)} °C ${kept ? "" : "(in no open cook)"}\n`);
  } catch {
    process.stdout.write("no answer\n");
  }
}

setInterval(() => void send(), everyS * 1000);
