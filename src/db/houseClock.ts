import { desc } from "drizzle-orm";
import { SteadyClock, type Drift } from "@/calendar/steadyClock";
import { ok, refuse, type Refusal, type Result } from "@/core/shared";
import { db, type Db } from "./connection";
import { appendEntry } from "./ledger";
import { cookEvents } from "./schema/cooks";
import { ledger } from "./schema/ledger";

const shared = globalThis as typeof globalThis & { gaffelClock?: SteadyClock; gaffelDriftTold?: number };

/** The newest moment anything of the house was kept at. */
function newestMs(of: Db): number | null {
  const entry = of.select({ atMs: ledger.atMs }).from(ledger).orderBy(desc(ledger.seq)).limit(1).get();
  const tap = of.select({ atMs: cookEvents.atMs }).from(cookEvents).orderBy(desc(cookEvents.id)).limit(1).get();
  const known = [entry, tap].flatMap((row) => (row ? [row.atMs] : []));
  return known.length === 0 ? null : Math.max(...known);
}

function clock(): SteadyClock {
  shared.gaffelClock ??= new SteadyClock(Date.now(), performance.now(), newestMs(db()));
  return shared.gaffelClock;
}

/** The house's time: every moment that is kept or shown comes from here, never from the machine's wall clock. */
export const houseNowMs = (): number => Math.round(clock().now(Date.now(), performance.now()));

/** Whether the machine's clock was set; a new jump is written into the book once. */
export function clockDrift(): Drift {
  const drift = clock().drift(Date.now(), performance.now());
  const told = shared.gaffelDriftTold ?? 0;
  const rounded = Math.round(drift.driftMs / 60_000);
  if (drift.jumped && rounded !== told) {
    shared.gaffelDriftTold = rounded;
    appendEntry(db(), {
      atMs: houseNowMs(),
      who: "the house",
      kind: "clock-jumped",
      payload: { driftMin: rounded },
    });
  }
  if (!drift.jumped) shared.gaffelDriftTold = 0;
  return drift;
}

/** Takes the machine's time; refused where that is not ahead. */
export function takeMachineTime(who: string): Result<null, Refusal<"notAhead">> {
  const before = houseNowMs();
  if (!clock().take(Date.now(), performance.now())) return refuse("notAhead");
  const atMs = houseNowMs();
  appendEntry(db(), {
    atMs,
    who,
    kind: "clock-taken",
    payload: { forwardMin: Math.round((atMs - before) / 60_000) },
  });
  return ok(null);
}
