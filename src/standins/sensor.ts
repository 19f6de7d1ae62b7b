// The simulated cold-room sensor: speaks to the same address as a real one would.
import { stepRoom, USUAL_ROOM, type RoomState } from "./coldRoomModel";

type Options = {
  readonly url: string;
  readonly place: string;
  readonly key: string;
  readonly setC: number;
  readonly everyS: number;
  readonly door: boolean;
};

const USE = `npm run sensor -- --place ID --key KEY [--url http://localhost:4310] [--set 2] [--every 10] [--door]
The id and the key stand on the page of the place, under "From a sensor". --door leaves the door open.`;

function optionsOf(words: readonly string[]): Options | null {
  const value = (name: string) => {
    const at = words.indexOf(`--${name}`);
    return at < 0 ? undefined : words[at + 1];
  };
  const [place, key] = [value("place"), value("key")];
  if (!place || !key) return null;
  const [setC, everyS] = [Number(value("set") ?? 2), Number(value("every") ?? 10)];
  if (!Number.isFinite(setC) || !(everyS > 0)) return null;
  return { url: value("url") ?? "http://localhost:4310", place, key, setC, everyS, door: words.includes("--door") };
}

const options = optionsOf(process.argv.slice(2));
if (!options) {
  process.stderr.write(`${USE}\n`);
  process.exit(2);
}
const { url, place, key, setC, everyS, door } = options;
let state: RoomState = { airC: setC, cooling: false };
let unsent: { at: string; celsius: number }[] = [];

async function send(): Promise<void> {
  state = stepRoom(state, { ...USUAL_ROOM, setC }, door, Math.min(1, everyS / 60));
  unsent.push({ at: new Date().toISOString(), celsius: Math.round(state.airC * 10) / 10 });
  try {
    const answer = await fetch(`${url}/api/places/${place}/readings`, {
      method: "POST",
      headers: { "content-type": "application/json", authorization: `Bearer ${key}` },
      body: JSON.stringify({ readings: unsent }),
    });
    process.stdout.write(`${unsent.at(-1)!.celsius.toFixed(1)} °C  ${answer.status}\n`);
    if (answer.ok) unsent = [];
    else if (answer.status === 401) process.exit(1);
  } catch {
    process.stdout.write(`no answer, ${unsent.length} readings kept for later\n`);
  }
}

void send();
setInterval(() => void send(), everyS * 1000);
