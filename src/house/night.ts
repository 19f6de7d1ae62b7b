import { shiftDay, todayIn, wallClockMs } from "@/calendar/days";

/** The hour of the night, by the house's clock, at which the day is sealed and copied. */
const NIGHT_H = 4;

/** The last moment the night's work fell due: this morning's, or yesterday's for a server that begins before it. */
export function lastDueMs(nowMs: number, timeZone: string): number {
  const dueMs = (day: string) => wallClockMs(day, NIGHT_H * 60, 0, timeZone);
  const today = todayIn(timeZone, nowMs);
  return dueMs(today) <= nowMs ? dueMs(today) : dueMs(shiftDay(today, -1));
}

type Night = {
  readonly nowMs: number;
  /** When the night's work last fell due. */
  readonly dueMs: number;
  readonly againMs: number;
  readonly sealedMs: number | null;
  readonly keptMs: number | null;
  readonly failedMs: number | null;
};

/** What of the night's work is to be done now: once after its hour, and again so long after it failed. A server that slept does it when it wakes. */
export function nightWork({ nowMs, dueMs, againMs, sealedMs, keptMs, failedMs }: Night): {
  readonly seal: boolean;
  readonly backup: boolean;
} {
  const seal = (sealedMs ?? -Infinity) < dueMs;
  const backup = (keptMs ?? -Infinity) < dueMs && nowMs - (failedMs ?? -Infinity) >= againMs;
  return { seal, backup };
}

/** A backup older than this is said aloud, ms. */
const OLD_MS = 36 * 3_600_000;

export type BackupStanding =
  | { readonly kind: "kept"; readonly atMs: number }
  | { readonly kind: "failed"; readonly lastKeptMs: number | null }
  | { readonly kind: "old"; readonly lastKeptMs: number }
  | { readonly kind: "none-yet" }
  | { readonly kind: "never" };

/** How the house stands for copies of itself. */
export function backupStanding(
  nowMs: number,
  { openedMs, keptMs, failedMs }: { readonly openedMs: number } & Pick<Night, "keptMs" | "failedMs">,
): BackupStanding {
  if (failedMs !== null && failedMs > (keptMs ?? -Infinity)) return { kind: "failed", lastKeptMs: keptMs };
  if (keptMs === null) return nowMs - openedMs < OLD_MS ? { kind: "none-yet" } : { kind: "never" };
  return nowMs - keptMs > OLD_MS ? { kind: "old", lastKeptMs: keptMs } : { kind: "kept", atMs: keptMs };
}
