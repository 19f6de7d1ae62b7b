import { mkdirSync, readFileSync } from "node:fs";
import path from "node:path";
import { openDatabase } from "@/db/connection";
import { newKey } from "@/db/doors/deviceKeys";
import { listPlaces } from "@/db/house/places";
import { makeDemoHouse } from "@/demo/house";
import { add } from "./measure";
import { served } from "./pages";

const TABLETS = 40;
/** What tablets show, as often as cooks look at it. */
const VIEWS = ["/", "/ice", "/line", "/stove", "/butter", "/raw", "/block", "/dock", "/book", "/line"] as const;
const A_SECOND = 20;
/** Four pages to one write. */
const WRITE_EVERY = 5;
const P95_MS = 150;
const LASTS_S = 60;
/** A house has been open for a while on a busy evening: each page was asked for so often that it runs as compiled. */
const WARM = 40 * VIEWS.length;
/** A tablet is looked at every minute and a half, twelve and a half hours long. */
const A_DAY = TABLETS * 500;
const MEMORY_MB = 400;

const at = (sorted: readonly number[], share: number) => sorted[Math.floor(share * (sorted.length - 1))]!;

/** Asks for pages and sends readings in turn; answers with how long it took, or null where it was refused. */
function asker(folder: string) {
  const db = openDatabase(path.join(folder, "gaffel.sqlite"));
  const stamp = { who: "Maike", atMs: Date.now() };
  const sensors = listPlaces(db).map(({ id, setC }) => ({ id, setC, key: newKey(db, "sensor", id, stamp) }));
  const read = async (base: string, number: number) => {
    const { id, setC, key } = sensors[number % sensors.length]!;
    return fetch(`${base}/api/places/${id}/readings`, {
      method: "POST",
      headers: { authorization: `Bearer ${key}`, "content-type": "application/json" },
      body: JSON.stringify({ readings: [{ at: new Date().toISOString(), celsius: setC + Math.sin(number) / 2 }] }),
    });
  };
  return async (base: string, number: number): Promise<number | null> => {
    const startMs = performance.now();
    const isWrite = number % WRITE_EVERY === 0;
    const answer = await (isWrite ? read(base, number) : fetch(`${base}${VIEWS[number % VIEWS.length]!}`));
    await answer.text();
    return answer.ok ? performance.now() - startMs : null;
  };
}

/** Forty tablets ask at the rate of a busy evening, whether the last answer has come or not. */
export async function tabletsBench(folder: string): Promise<void> {
  mkdirSync(folder, { recursive: true });
  makeDemoHouse(openDatabase(path.join(folder, "gaffel.sqlite")), Date.now());
  const ask = asker(folder);
  await served(folder, async (base) => {
    for (let number = 0; number < WARM; number++) await ask(base, number);
    const asked: Promise<number | null>[] = [];
    const startMs = performance.now();
    for (let number = 0; number < LASTS_S * A_SECOND; number++) {
      const dueMs = startMs + (number / A_SECOND) * 1000;
      await new Promise((resolve) => setTimeout(resolve, Math.max(0, dueMs - performance.now())));
      asked.push(ask(base, number));
    }
    const taken = await Promise.all(asked);
    const good = taken.filter((ms) => ms !== null).sort((x, y) => x - y);
    add(`${TABLETS} tablets, ${A_SECOND} requests a second: p95`, at(good, 0.95), "target", P95_MS);
    add("the same: refused or failed", taken.length - good.length, "none", 1, "");
  });
}

const memoryMb = (pid: number) => Number(/VmRSS:\s+(\d+)/.exec(readFileSync(`/proc/${pid}/status`, "utf8"))![1]) / 1024;

/** The traffic of a whole day on a house of ten years, as fast as it is answered: what memory the server has come to. */
export async function tabletDay(folder: string): Promise<void> {
  const ask = asker(folder);
  await served(folder, async (base, pid) => {
    let number = 0;
    let most = 0;
    const tablet = async () => {
      while (number < A_DAY) {
        await ask(base, number++);
        if (number % 100 === 0) most = Math.max(most, memoryMb(pid));
      }
    };
    await Promise.all([tablet(), tablet(), tablet(), tablet()]);
    add(`memory after a day of ${TABLETS} tablets, ${A_DAY} requests`, memoryMb(pid), "target", MEMORY_MB, "MB");
    add("the same: its peak", most, "target", MEMORY_MB, "MB");
  });
}
