import { sumOf } from "@/core/numeric";
import { standing, type CookEvent } from "@/core/cooking";
import { groupBy } from "@/core/shared";
import type { BegunPan } from "./livePan";

/** What a stage was planned to take and took, s. */
export type StageTook = {
  readonly stageId: string;
  readonly name: string;
  readonly plannedS: number;
  readonly tookS: number;
};

/** How long each stage of a pan that was carried to its end really took; what was paused is not counted. */
export function stagesTook({ stages, events }: Pick<BegunPan, "stages" | "events">): readonly StageTook[] {
  const took: StageTook[] = [];
  let ranMs = 0;
  let sinceMs: number | null = null;
  const until = (event: CookEvent) => {
    if (sinceMs !== null) ranMs += event.atMs - sinceMs;
    sinceMs = event.atMs;
  };
  for (const event of standing(events)) {
    if (event.kind === "abandoned") return [];
    if (event.kind === "started" || event.kind === "resumed") {
      sinceMs = event.atMs;
      continue;
    }
    until(event);
    if (event.kind === "paused") sinceMs = null;
    if (event.kind !== "advanced") continue;
    const stage = stages[took.length];
    if (stage) took.push({ stageId: stage.id, name: stage.name, plannedS: stage.medianS, tookS: ranMs / 1000 });
    ranMs = 0;
  }
  return took;
}

/** What was cooked longer ago says little of how the station cooks now. */
export const LEARNS_FROM_DAYS = 120;
/** Minutes are learned from so many services of a dish, not sooner. */
export const LEARNS_FROM_SERVICES = 10;

export type Learned = {
  readonly cardId: string;
  readonly services: number;
  readonly stages: readonly {
    readonly name: string;
    readonly plannedS: number;
    readonly tookS: number;
    readonly count: number;
  }[];
  /** What this station makes of the stove's minutes; null: too few services to say. */
  readonly ratio: number | null;
};

type PanOfDay = BegunPan & { readonly day: string };

const middle = (values: readonly number[]): number => {
  const sorted = [...values].sort((a, b) => a - b);
  const half = sorted.length >> 1;
  return sorted.length % 2 === 1 ? sorted[half]! : (sorted[half - 1]! + sorted[half]!) / 2;
};

/** Less than half or more than twice is a forgotten tap, not a way of cooking. */
const TAKES = { least: 0.5, most: 2 } as const;

/** Every dish by step against its plan: the middle of what its pans took. */
export function learnedOf(pans: readonly PanOfDay[]): readonly Learned[] {
  return [...groupBy(pans, ({ cardId }) => cardId)].flatMap(([cardId, ofCard]): readonly Learned[] => {
    const done = ofCard
      .map((pan) => ({ pan, took: stagesTook(pan) }))
      .filter(({ pan, took }) => took.length > 0 && took.length === pan.stages.length);
    if (done.length === 0) return [];
    const services = new Set(done.map(({ pan }) => pan.day)).size;
    const stages = [
      ...groupBy(
        done.flatMap(({ took }) => took),
        ({ stageId }) => stageId,
      ).values(),
    ].map((rows) => ({
      name: rows[0]!.name,
      plannedS: middle(rows.map(({ plannedS }) => plannedS)),
      tookS: middle(rows.map(({ tookS }) => tookS)),
      count: rows.length,
    }));
    const sum = (rows: readonly StageTook[], of: "plannedS" | "tookS") => sumOf(rows, (row) => row[of]);
    const ratios = done
      .map(({ took }) => sum(took, "tookS") / sum(took, "plannedS"))
      .filter((ratio) => ratio >= TAKES.least && ratio <= TAKES.most);
    const ratio = services >= LEARNS_FROM_SERVICES && ratios.length > 0 ? middle(ratios) : null;
    return [{ cardId, services, stages, ratio }];
  });
}
