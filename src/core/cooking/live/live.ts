import { assertNever } from "@/core/shared";

/** What the cook did, in order; the state of a cook is nothing but these, so it survives any restart. */
export type CookEvent =
  | { readonly kind: "started"; readonly atMs: number }
  | { readonly kind: "paused"; readonly atMs: number }
  | { readonly kind: "resumed"; readonly atMs: number }
  | { readonly kind: "extended"; readonly atMs: number; readonly seconds: number }
  | { readonly kind: "advanced"; readonly atMs: number }
  | { readonly kind: "probed"; readonly atMs: number; readonly centreC: number }
  | { readonly kind: "abandoned"; readonly atMs: number };

export type CookStatus = "running" | "paused" | "done" | "abandoned";

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
  for (const event of events) {
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
  return {
    status: abandoned ? "abandoned" : done ? "done" : runningSinceMs === null ? "paused" : "running",
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
  for (const event of events) {
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
  if (state.status === "done" && kind !== "probed") return "this cook is finished";
  if (state.status === "abandoned") return "this cook was given up";
  if (kind === "started") return "this cook has started already";
  if (kind === "paused" && state.status === "paused") return "it is paused already";
  if (kind === "resumed" && state.status === "running") return "it is running already";
  return null;
}
