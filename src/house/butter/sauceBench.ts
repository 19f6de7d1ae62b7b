import {
  afterWaiting,
  mountedSauce,
  saltSum,
  USUAL_ADDITIONS,
  waitThrough,
  type Mounted,
  type MountedQuestion,
  type Rescue,
  type SauceBatch,
  type SauceSpec,
  type WaitingPoint,
} from "@/core/butter";
import { stoveOf } from "../stove/panBody";
import type { MountFacts } from "./sauceSpec";

/** What a cook turns at the bench: the spec as it is changed there, the pan, and how it waits. */
export type BenchAsk = Omit<MountFacts, "servedC"> & {
  readonly spec: SauceSpec;
  /** A rescue that was taken, to see the sauce after it. */
  readonly rescue: Rescue | null;
};

export const soMounted = (ask: Pick<MountFacts, "panMm" | "netPowerW">) => stoveOf(ask);

const rescued = (question: MountedQuestion, rescue: Rescue | null): MountedQuestion =>
  rescue === null
    ? question
    : "add" in rescue
      ? {
          ...question,
          add: [...question.add, { kind: rescue.add, massG: rescue.massG, ...USUAL_ADDITIONS[rescue.add] }],
        }
      : { ...question, servedC: rescue.bringToC };

export type Waited = {
  readonly course: readonly WaitingPoint[];
  readonly holdsUntilMin: number | null;
  readonly question: MountedQuestion;
  readonly sauce: Mounted;
};

/** A batch after it has waited so many minutes, with its rescue if one was taken. */
export function waitingSauce({ question }: SauceBatch, ask: BenchAsk, minute: number, longestMin: number): Waited {
  const { course, holdsUntilMin } = waitThrough(question, ask, longestMin);
  const after = rescued(afterWaiting(question, ask, minute), ask.rescue);
  return { course, holdsUntilMin, question: after, sauce: mountedSauce(after) };
}

/** Grams of base that so many covers want. */
export const baseForG = ({ question, covers }: SauceBatch, all: number): number => (question.base.massG * all) / covers;

/** Salt for a batch, g, in the middle of what a sauce carries: 0.8 to 1.1 per cent (common practice, medium); what it has is counted. */
export const SAUCE_SALT_PCT = 0.95;
export const saltToAddG = ({ massG, saltG }: Mounted): number =>
  saltSum([{ massG, saltPct: (100 * saltG) / massG }], SAUCE_SALT_PCT).addG;

/** The spec with its butter and its base changed at the bench: all goods that are whisked in, and how far the base goes down, by a factor. */
export const changedSpec = (
  spec: SauceSpec,
  { mount = 1, down = 1 }: { readonly mount?: number; readonly down?: number },
): SauceSpec => ({
  ...spec,
  mount: spec.mount.map((one) => ({ ...one, massG: one.massG * mount })),
  reduceToMl: spec.reduceToMl === null ? null : spec.reduceToMl * down,
});
