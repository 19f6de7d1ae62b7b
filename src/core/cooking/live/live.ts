import { assertNever } from "@/core/shared";

/** What the cook did, in order; the state of a cook is nothing but these, so it survives any restart. */
export type CookEvent =
  | { readonly kind: "started"; readonly atMs: number }
  | { readonly kind: "paused"; readonly atMs: number }
  | { readonly kind: "resumed"; readonly atMs: number }
  | { readonly kind: "extended"; readonly atMs: number; readonly seconds: number }
  | { readonly kind: "advanced"; readonly atMs: number }
  | { readonly kind: "probed"; readonly atMs: number; readonly centreC: number }
  | { readonly kind: "abandoned"; readonly atMs: number }
  /** The last tap that stood was a mistake. What a probe read stays. */
  | { readonly kind: "undone"; readonly atMs: number };

/** `withdrawn`: its start was taken back. */
export type CookStatus = "running" | "paused" | "done" | "abandoned" | "withdrawn";

/** A tap can be taken back for so long. */
export const UNDO_MS = 10_000;
/** The house takes it so long: networks are slow. */
export const UNDO_TAKEN_MS = UNDO_MS + 5000;

/** What stands of the taps of a cook once those that were taken back are left out. */
export function standing(events: readonly CookEvent[]): readonly Exclude<CookEvent, { kind: "undone" }>[] {
  const left: Exclude<CookEvent, { kind: "undone" }>[] = [];
  for (const event of events) {
    if (event.kind !== "undone") {
      left.push(event);
      continue;
    }
    const last = left.findLastIndex(({ kind }) => kind !== "probed");
    if (last >= 0) left.splice(last, 1);
  }
  return left;
}

/** The tap that could be taken back at `nowMs`: the last one, while it is fresh. Null: there is none. */
export function tapToUndo(events: readonly CookEvent[], nowMs: number, withinMs = UNDO_MS): CookEvent | null {
  // what was taken back is over: the tap before it is not offered next
  if (events.findLast(({ kind }) => kind !== "probed")?.kind === "undone") return null;
  const last = standing(events).findLast(({ kind }) => kind !== "probed");
  return last && nowMs - last.atMs <= withinMs ? last : null;
}

export type LiveCook = {
  readonly status: CookStatus;
  /** Stage in hand; one past the last when done. */
  readonly stageIndex: number;
  readonly elapsedS: number;
  readonly plannedS: number;
  /** Negative once the stage is overdue. */
  readonly remainingS: number;
  readonly probes: readonly { readonly atMs: number; readonly centreC: number; readonly stageIndex: number }[];
  readonly endedAtMs: number | null;
};

/** Where a cook stands at `nowMs`. A stage ends when the cook says so, never by itself: the clock then counts over. */
export function liveCook(stageSeconds: readonly number[], events: readonly CookEvent[], nowMs: number): LiveCook {
  let stageIndex = 0;
  let elapsedMs = 0;
  let extraS = 0;
  let runningSinceMs: number | null = null;
  let endedAtMs: number | null = null;
  let abandoned = false;
  const probes: { atMs: number; centreC: number; stageIndex: number }[] = [];
  const taps = standing(events);
  for (const event of taps) {
    if (runningSinceMs !== null) elapsedMs += event.atMs - runningSinceMs;
    if (runningSinceMs !== null) runningSinceMs = event.atMs;
    switch (event.kind) {
      case "started":
      case "resumed":
        runningSinceMs = event.atMs;
        break;
      case "paused":
        runningSinceMs = null;
        break;
      case "extended":
        extraS += event.seconds;
        break;
      case "advanced":
        stageIndex += 1;
        [elapsedMs, extraS] = [0, 0];
        runningSinceMs = event.atMs;
        if (stageIndex >= stageSeconds.length) [endedAtMs, runningSinceMs] = [event.atMs, null];
        break;
      case "probed":
        probes.push({ atMs: event.atMs, centreC: event.centreC, stageIndex });
        break;
      case "abandoned":
        [abandoned, endedAtMs, runningSinceMs] = [true, event.atMs, null];
        break;
      default:
        assertNever(event);
    }
  }
  if (runningSinceMs !== null) elapsedMs += Math.max(0, nowMs - runningSinceMs);
  const plannedS = (stageSeconds[stageIndex] ?? 0) + extraS;
  const done = stageIndex >= stageSeconds.length;
  const withdrawn = taps.every(({ kind }) => kind === "probed");
  return {
    status: withdrawn
      ? "withdrawn"
      : abandoned
        ? "abandoned"
        : done
          ? "done"
          : runningSinceMs === null
            ? "paused"
            : "running",
    stageIndex,
    elapsedS: elapsedMs / 1000,
    plannedS,
    remainingS: plannedS - elapsedMs / 1000,
    probes,
    endedAtMs,
  };
}

/** Seconds every stage really took up to `atMs`, pauses left out; the stage in hand last. */
export function stageSecondsAt(events: readonly CookEvent[], atMs: number): readonly number[] {
  const taken: number[] = [0];
  let runningSinceMs: number | null = null;
  const count = (untilMs: number) => {
    if (runningSinceMs !== null) taken[taken.length - 1] = taken.at(-1)! + Math.max(0, untilMs - runningSinceMs) / 1000;
  };
  for (const event of standing(events)) {
    if (event.atMs > atMs) break;
    if (event.kind === "probed" || event.kind === "extended") continue;
    count(event.atMs);
    runningSinceMs = event.kind === "paused" || event.kind === "abandoned" ? null : event.atMs;
    if (event.kind === "advanced") taken.push(0);
  }
  count(atMs);
  return taken;
}

/** Whether the event may follow; the reason in the cook's words if not. */
export function refuseEvent(state: LiveCook, kind: CookEvent["kind"]): string | null {
  if (state.status === "withdrawn") return "this cook was taken back";
  if (kind === "undone") return null;
  if (state.status === "done" && kind !== "probed") return "this cook is finished";
  if (state.status === "abandoned") return "this cook was cancelled";
  if (kind === "started") return "this cook has started already";
  if (kind === "paused" && state.status === "paused") return "it is paused already";
  if (kind === "resumed" && state.status === "running") return "it is running already";
  return null;
}
