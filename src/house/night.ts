type Night = {
  readonly nowMs: number;
  /** When today's night work is due. */
  readonly dueMs: number;
  readonly againMs: number;
  readonly sealedMs: number | null;
  readonly keptMs: number | null;
  readonly failedMs: number | null;
};

/** What of the night's work is due now: once after the hour, and again so long after it failed. A server that slept does it when it wakes. */
export function nightWork({ nowMs, dueMs, againMs, sealedMs, keptMs, failedMs }: Night): {
  readonly seal: boolean;
  readonly backup: boolean;
} {
  if (nowMs < dueMs) return { seal: false, backup: false };
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
  | { readonly kind: "none-yet" };

/** How the house stands for copies of itself. */
export function backupStanding(
  nowMs: number,
  { openedMs, keptMs, failedMs }: { readonly openedMs: number } & Pick<Night, "keptMs" | "failedMs">,
): BackupStanding {
  if (failedMs !== null && failedMs > (keptMs ?? -Infinity)) return { kind: "failed", lastKeptMs: keptMs };
  if (keptMs === null) return nowMs - openedMs < OLD_MS ? { kind: "none-yet" } : { kind: "failed", lastKeptMs: null };
  return nowMs - keptMs > OLD_MS ? { kind: "old", lastKeptMs: keptMs } : { kind: "kept", atMs: keptMs };
}
