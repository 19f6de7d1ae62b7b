import { governingMm, type CookPlan, type PanId, type SheetRequest } from "@/core/cooking";

/** What a cook was started with: the question and the whole answer, as they stood then. */
export type StoredPlan = Omit<SheetRequest, "own"> & {
  /** What the pan saw, mm. */
  readonly thicknessMm: number;
  /** Centre aimed at; null where the aim is another. */
  readonly targetC: number | null;
  readonly answer: CookPlan;
};

/** Plans of the first houses: skin-crisp with an oven finish, of a slab. */
type FirstPlan = {
  readonly speciesId: string;
  readonly thicknessMm: number;
  readonly skin: boolean;
  readonly startC: number;
  readonly panC: number;
  readonly ovenC: number;
  readonly panId: PanId;
  readonly targetC: number;
  readonly pieces: number;
  readonly pieceG: number;
  readonly answer: Omit<CookPlan, "methodId" | "pullS" | "serveS" | "stageSeconds"> & {
    readonly times: { readonly panS: number; readonly ovenS: number };
  };
};

type Lacking<T, Key extends keyof T> = Omit<T, Key> & Partial<Pick<T, Key>>;
/** A plan as some release kept it. */
type Kept = Omit<Lacking<CookPlan, "carryOver" | "rimMm">, "stages" | "safety"> & {
  readonly stages: readonly Lacking<CookPlan["stages"][number], "heat">[];
  readonly safety: Lacking<CookPlan["safety"], "figure" | "reached">;
};

/** What earlier releases did not write down, read out of what they did. */
function completed(answer: CookPlan): CookPlan {
  const { carryOver, rimMm, stages, safety } = answer as Kept;
  return {
    ...answer,
    carryOver: carryOver ?? { risesK: Math.max(0, answer.peakC - answer.pullC), usualMostK: Infinity },
    rimMm: rimMm ?? 0,
    stages: stages.map((stage, index) => ({ ...stage, heat: stage.heat ?? index < stages.length - 1 })),
    safety: { ...safety, figure: safety.figure ?? "law", reached: safety.reached ?? safety.meets },
  };
}

/** A kept plan in today's form, whichever release wrote it. */
export function planFromRow(row: StoredPlan | FirstPlan): StoredPlan {
  if ("methodId" in row) return { ...row, answer: completed(row.answer) };
  const { panC, ovenC, thicknessMm, targetC, answer, ...rest } = row;
  const { panS, ovenS } = answer.times;
  return {
    ...rest,
    methodId: "skin-then-oven",
    kit: { panC, ovenC },
    shape: { kind: "slab", thicknessMm },
    thinnestMm: thicknessMm,
    thickestMm: thicknessMm,
    goal: { kind: "centre", targetC },
    ruleSetId: "fda-2022",
    thicknessMm,
    targetC,
    answer: completed({
      ...answer,
      methodId: "skin-then-oven",
      pullS: panS + ovenS,
      serveS: panS + ovenS + answer.restS,
      stageSeconds: [panS, ovenS, answer.restS],
    }),
  };
}

/** What is kept of a question with its answer. */
export function planToKeep({ own: _own, ...question }: SheetRequest, answer: CookPlan): StoredPlan {
  const { goal } = question;
  return {
    ...question,
    thicknessMm: governingMm(question.shape),
    targetC:
      goal.kind === "safe" || goal.kind === "rim" || answer.band === "tender" || answer.band === "open"
        ? null
        : goal.targetC,
    answer,
  };
}
