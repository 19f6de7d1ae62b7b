import { assertNever, said, type Said } from "@/core/shared";

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
  | { readonly kind: "undone"; readonly atMs: number }
  /** A stage went on longer or shorter than planned: the state of the piece asks so much more, or less, of the one in hand. */
  | { readonly kind: "refitted"; readonly atMs: number; readonly seconds: number }
  /** Somebody heard the alarm of the stage in hand. */
  | { readonly kind: "silenced"; readonly atMs: number; readonly who: string }
  /** Where the middle ends by what was done so far, and whether that meets the rule. */
  | { readonly kind: "foreseen"; readonly atMs: number; readonly peakC: number; readonly meets: boolean };

/** `withdrawn`: its start was taken back. */
export type CookStatus = "running" | "paused" | "done" | "abandoned" | "withdrawn";

/** A tap can be taken back for so long. */
export const UNDO_MS = 10_000;
/** The house takes it so long: networks are slow. */
export const UNDO_TAKEN_MS = UNDO_MS + 5000;

/** What a hand did; the rest was read or worked out. */
const isTap = ({ kind }: CookEvent): boolean =>
  kind !== "probed" && kind !== "refitted" && kind !== "foreseen" && kind !== "silenced";

type Standing = Exclude<CookEvent, { kind: "undone" }>;

/** What stands of the taps of a cook once those that were taken back are left out. */
export function standing(events: readonly CookEvent[]): readonly Standing[] {
  const left: Standing[] = [];
  for (const event of events) {
    if (event.kind !== "undone") {
      left.push(event);
      continue;
    }
    const last = left.findLastIndex(isTap);
    // what was worked out of the tap goes with it
    if (last >= 0) left.splice(last, Infinity, ...left.slice(last + 1).filter(({ kind }) => kind === "probed"));
  }
  return left;
}

/** The tap that could be taken back at `nowMs`: the last one, while it is fresh. Null: there is none. */
export function tapToUndo(events: readonly CookEvent[], nowMs: number, withinMs = UNDO_MS): CookEvent | null {
  // what was taken back is over: the tap before it is not offered next
  if (events.findLast(isTap)?.kind === "undone") return null;
  const last = standing(events).findLast(isTap);
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
  /** So much of the clock of the stage in hand is what the state of the piece asked for, s. */
  readonly refitS: number;
  /** By what was done so far; null: as planned. */
  readonly foreseen: { readonly peakC: number; readonly meets: boolean } | null;
  /** Who heard the alarm of the stage in hand; null: it rings while it is overdue. */
  readonly silencedBy: string | null;
};

/** The clock of a cook, moved on by what was done. */
class Clock {
  stageIndex = 0;
  elapsedMs = 0;
  extraS = 0;
  refitS = 0;
  runningSinceMs: number | null = null;
  endedAtMs: number | null = null;
  abandoned = false;
  foreseen: LiveCook["foreseen"] = null;
  silencedBy: string | null = null;
  readonly probes: { atMs: number; centreC: number; stageIndex: number }[] = [];

  constructor(private readonly stages: number) {}

  take(event: Standing): void {
    if (this.runningSinceMs !== null) {
      this.elapsedMs += event.atMs - this.runningSinceMs;
      this.runningSinceMs = event.atMs;
    }
    // whatever moves the clock makes the next alarm a new one
    if (isTap(event)) this.silencedBy = null;
    switch (event.kind) {
      case "started":
      case "resumed":
        this.runningSinceMs = event.atMs;
        return;
      case "paused":
        this.runningSinceMs = null;
        return;
      case "extended":
        this.extraS += event.seconds;
        return;
      case "advanced":
        return this.goOn(event.atMs);
      case "probed":
        this.probes.push({ atMs: event.atMs, centreC: event.centreC, stageIndex: this.stageIndex });
        return;
      case "refitted":
        this.extraS += event.seconds;
        this.refitS += event.seconds;
        return;
      case "foreseen":
        this.foreseen = { peakC: event.peakC, meets: event.meets };
        return;
      case "silenced":
        this.silencedBy = event.who;
        return;
      case "abandoned":
        [this.abandoned, this.endedAtMs, this.runningSinceMs] = [true, event.atMs, null];
        return;
      default:
        assertNever(event);
    }
  }

  get isDone(): boolean {
    return this.stageIndex >= this.stages;
  }

  private goOn(atMs: number): void {
    this.stageIndex += 1;
    [this.elapsedMs, this.extraS, this.refitS] = [0, 0, 0];
    [this.endedAtMs, this.runningSinceMs] = this.isDone ? [atMs, null] : [this.endedAtMs, atMs];
  }
}

function statusOf(clock: Clock, taps: readonly Standing[]): CookStatus {
  if (!taps.some(isTap)) return "withdrawn";
  if (clock.abandoned) return "abandoned";
  if (clock.isDone) return "done";
  return clock.runningSinceMs === null ? "paused" : "running";
}

/** Where a cook stands at `nowMs`. A stage ends when the cook says so, never by itself: the clock then counts over. */
export function liveCook(stageSeconds: readonly number[], events: readonly CookEvent[], nowMs: number): LiveCook {
  const taps = standing(events);
  const clock = new Clock(stageSeconds.length);
  for (const event of taps) clock.take(event);
  const { stageIndex, runningSinceMs, probes, endedAtMs, refitS, foreseen, silencedBy } = clock;
  const elapsedMs = clock.elapsedMs + (runningSinceMs === null ? 0 : Math.max(0, nowMs - runningSinceMs));
  const plannedS = (stageSeconds[stageIndex] ?? 0) + clock.extraS;
  return {
    status: statusOf(clock, taps),
    stageIndex,
    elapsedS: elapsedMs / 1000,
    plannedS,
    remainingS: plannedS - elapsedMs / 1000,
    probes,
    endedAtMs,
    refitS,
    foreseen,
    silencedBy,
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
    if (!isTap(event) || event.kind === "extended") continue;
    count(event.atMs);
    runningSinceMs = event.kind === "paused" || event.kind === "abandoned" ? null : event.atMs;
    if (event.kind === "advanced") taken.push(0);
  }
  count(atMs);
  return taken;
}

/** Whether the event may follow; the reason in the cook's words if not. */
export function refuseEvent(state: LiveCook, kind: CookEvent["kind"]): Said | null {
  if (state.status === "withdrawn") return said("plan.cookWasTakenBack");
  if (kind === "undone" || kind === "foreseen") return null;
  if (state.status === "done" && kind !== "probed") return said("plan.cookIsFinished");
  if (state.status === "abandoned") return said("plan.cookWasCancelled");
  if (kind === "started") return said("plan.cookHasStartedAlready");
  if (kind === "paused" && state.status === "paused") return said("plan.itIsPausedAlready");
  if (kind === "resumed" && state.status === "running") return said("plan.itIsRunningAlready");
  return null;
}
