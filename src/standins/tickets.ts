// A simulated till on a Saturday: speaks to the same address as a real one would.
import { saturday } from "./ticketModel";

const USE = `npm run tickets -- --key KEY [--url http://localhost:4310] [--covers 120] [--speed 1] [--seed 1]
The key is shown when the sender is added under Line, Close. --speed 60 plays two and a half hours in two and a half minutes.`;

const words = process.argv.slice(2);
const value = (name: string) => {
  const at = words.indexOf(`--${name}`);
  return at < 0 ? undefined : words[at + 1];
};
const key = value("key");
const url = value("url") ?? "http://localhost:4310";
const [covers, speed, seed] = [Number(value("covers") ?? 120), Number(value("speed") ?? 1), Number(value("seed") ?? 1)];
if (!key || !(covers > 0) || !(speed > 0) || !Number.isInteger(seed)) {
  process.stderr.write(`${USE}\n`);
  process.exit(2);
}

const events = saturday(Math.round(covers), seed);
const startedMs = Date.now();
const waitUntil = (atS: number) =>
  new Promise((resume) => setTimeout(resume, Math.max(0, startedMs + (atS / speed) * 1000 - Date.now())));

for (const { atS, message } of events) {
  await waitUntil(atS);
  try {
    const answer = await fetch(`${url}/api/tickets`, {
      method: "POST",
      headers: { "content-type": "application/json", authorization: `Bearer ${key}` },
      body: JSON.stringify(message),
    });
    if (answer.status === 401) {
      process.stderr.write("The house does not know this key.\n");
      process.exit(1);
    }
    const said = message.kind === "order" ? `order ${JSON.stringify(message.courses)}` : "away";
    process.stdout.write(`${message.table} ${said}: ${answer.status}\n`);
  } catch {
    process.stdout.write(`${message.table}: no answer\n`);
  }
}
