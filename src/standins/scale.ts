// The simulated bench scale: speaks to the same address as a real one would.
import { readScale } from "./scaleModel";

const USE = `npm run scale -- --scale ID --key KEY [--url http://localhost:4310] [--weights 1180,640,420] [--every 6]
The id and the key are shown when the scale is added under Block, Boards. Each weight lies for --every seconds, then the next.`;

const words = process.argv.slice(2);
const value = (name: string) => {
  const at = words.indexOf(`--${name}`);
  return at < 0 ? undefined : words[at + 1];
};
const [scale, key] = [value("scale"), value("key")];
const url = value("url") ?? "http://localhost:4310";
const weights = (value("weights") ?? "1180,640,420,260,95").split(",").map(Number);
const everyS = Number(value("every") ?? 6);
if (!scale || !key || !(everyS > 0) || weights.length === 0 || weights.some((one) => !Number.isFinite(one))) {
  process.stderr.write(`${USE}\n`);
  process.exit(2);
}

const startedMs = Date.now();
const TICK_MS = 400;
/** Between two weights the pan is empty for a moment. */
const EMPTY_S = 0.8;

async function send(): Promise<void> {
  const nowS = (Date.now() - startedMs) / 1000;
  const turn = Math.floor(nowS / everyS);
  const sinceS = nowS - turn * everyS;
  const onG = sinceS < EMPTY_S ? 0 : weights[turn % weights.length]!;
  const { massG, stable } = readScale({ onG, sinceS: onG === 0 ? 9 : sinceS - EMPTY_S });
  try {
    const answer = await fetch(`${url}/api/scales/${scale}`, {
      method: "POST",
      headers: { "content-type": "application/json", authorization: `Bearer ${key}` },
      body: JSON.stringify({ mass_g: massG, stable }),
    });
    if (answer.status === 401) {
      process.stderr.write("The house does not know this scale and key.\n");
      process.exit(1);
    }
    process.stdout.write(`${massG} g ${stable ? "steady" : "moving"}\n`);
  } catch {
    process.stdout.write("no answer\n");
  }
}

setInterval(() => void send(), TICK_MS);
