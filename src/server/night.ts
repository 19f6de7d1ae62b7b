import path from "node:path";
import { HOUR_MS, MINUTE_MS } from "@/core/units";
import { prune } from "@/db/backup";
import { db, houseFileHere } from "@/db/connection";
import { findHouse } from "@/db/house/house";
import { houseNowMs } from "@/db/houseClock";
import { appendEntry, lastEntry } from "@/db/ledger";
import { sealDay } from "@/db/seals/sealDay";
import { HOUSE_ITSELF } from "@/house/book/bookDay";
import { lastDueMs, nightWork } from "@/house/night";
import { keep } from "./keeper";

const LOOKS_EVERY_MS = 10 * MINUTE_MS;
/** What was tried and failed is tried again. */
const AGAIN_MS = HOUR_MS;
const KEPT = { most: 14, days: 60 } as const;

const backupFolder = (): string => process.env["GAFFEL_BACKUP"] ?? path.join(path.dirname(houseFileHere()), "backups");

/** Seals the day that is over and keeps a copy of the house, once a night; what fails is written down and tried again. */
export async function workAtNight(): Promise<void> {
  const house = findHouse(db());
  // a house that is made to be tried is made anew, not kept
  if (!house || house.demo) return;
  const nowMs = houseNowMs();
  const lastAt = (kind: "day-sealed" | "backup-kept" | "backup-failed") => lastEntry(db(), kind)?.atMs ?? null;
  const due = nightWork({
    nowMs,
    dueMs: lastDueMs(nowMs, house.timeZone),
    againMs: AGAIN_MS,
    sealedMs: lastAt("day-sealed"),
    keptMs: lastAt("backup-kept"),
    failedMs: lastAt("backup-failed"),
  });
  if (due.seal) sealDay(db(), nowMs);
  if (!due.backup) return;
  const stamp = new Date(nowMs).toISOString().slice(0, 16).replace("T", "-").replace(":", "");
  const asked = await keep("backup", { file: houseFileHere(), folder: backupFolder(), stamp }).catch(
    (problem: unknown) => ({
      ok: false as const,
      error: problem instanceof Error ? problem.message : String(problem),
    }),
  );
  const who = HOUSE_ITSELF;
  const atMs = houseNowMs();
  if (asked.ok && asked.value.ok) {
    const { copy, entries, rows } = asked.value.value;
    appendEntry(db(), { atMs, who, kind: "backup-kept", payload: { file: path.basename(copy), entries, rows } });
    prune(backupFolder(), KEPT.most, KEPT.days, Date.now());
    return;
  }
  const why = asked.ok ? (asked.value.ok ? "" : asked.value.error.kind) : asked.error;
  appendEntry(db(), { atMs, who, kind: "backup-failed", payload: { why } });
  process.stderr.write(`No backup was kept: ${why}\n`);
}

/** Looks every ten minutes whether the night's work is due. */
export function beginNights(): void {
  const look = () => void workAtNight().catch((problem: unknown) => process.stderr.write(`${String(problem)}\n`));
  look();
  setInterval(look, LOOKS_EVERY_MS).unref();
}
