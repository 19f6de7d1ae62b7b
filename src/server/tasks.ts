import {
  estimateSheet,
  fitCooks,
  planSheet,
  sheetRows,
  type CookPlan,
  type Fit,
  type LiveEstimate,
  type LiveQuestion,
  type SheetRequest,
  type SheetRow,
  type UsualPiece,
} from "@/core/cooking";
import { replan, type Replanned, type ScheduleProblem } from "@/core/line";
import { assert, ok, type Result, type Said } from "@/core/shared";
import { findSpecies, type Species } from "@/core/species";
import type { CookAskInput } from "@/house/stove/cookAsk";
import { firstAsk } from "@/house/stove/firstAsk";
import { measuredOf, type MeasuredRow } from "@/house/stove/measured";
import { prepareVerb, runVerbOnText, type Problem } from "@/verbs";

/** What the server works out in threads of its own; bundled into one file beside the application. */
export type Tasks = {
  readonly plan: { readonly ask: SheetRequest; readonly answer: Result<CookPlan, Said> };
  readonly sheet: {
    readonly ask: { readonly question: SheetRequest; readonly thicknesses: readonly number[] };
    readonly answer: Result<readonly SheetRow[], Said>;
  };
  /** What a bench opens on: tried out by the planner. */
  readonly first: {
    readonly ask: {
      readonly speciesId: string;
      readonly piece: Partial<UsualPiece>;
      readonly available: number;
      readonly own: readonly Species[];
    };
    readonly answer: CookAskInput;
  };
  /** What the state of a running cook asks of its clock. */
  readonly estimate: { readonly ask: LiveQuestion; readonly answer: Result<LiveEstimate, Said> };
  /** What probed cooks teach; null: none of them was probed. */
  readonly fit: {
    readonly ask: { readonly cooks: readonly MeasuredRow[]; readonly own: readonly Species[] };
    readonly answer: { readonly fit: Fit; readonly cooks: number } | null;
  };
  /** The plan of a line after something happened, as far as these seconds go; `before`: where its tasks stood. */
  readonly replan: {
    readonly ask: {
      readonly problem: ScheduleProblem;
      readonly before: ReadonlyMap<string, number>;
      readonly seconds: number;
      /** Looks for what clashes and what mends it, too. */
      readonly thorough: boolean;
    };
    readonly answer: Replanned;
  };
  readonly verb: {
    readonly ask: { readonly name: string; readonly text: string };
    readonly answer: Result<unknown, Problem> | null;
  };
};

export type TaskName = keyof Tasks;
export type Job = { readonly [Name in TaskName]: { readonly task: Name; readonly ask: Tasks[Name]["ask"] } }[TaskName];

/** Runs one job; what crosses the border of a thread is plain data both ways. */
export default async function runTask(job: Job): Promise<Tasks[TaskName]["answer"]> {
  switch (job.task) {
    case "plan":
      return planSheet(job.ask);
    case "sheet": {
      const rows = sheetRows(job.ask.question, job.ask.thicknesses);
      return rows.ok ? ok([...rows.value]) : rows;
    }
    case "first": {
      const { speciesId, piece, available, own } = job.ask;
      const species = findSpecies(speciesId, own);
      assert(species !== undefined, `no species ${speciesId}`);
      return firstAsk(species, piece, available);
    }
    case "fit": {
      const { cooks, own } = job.ask;
      const measured = cooks.flatMap(({ streamed, ...cook }) => measuredOf(cook, streamed, own) ?? []);
      return measured.length === 0 ? null : { fit: fitCooks(measured, ["vessel", "air"]), cooks: measured.length };
    }
    case "estimate":
      return estimateSheet(job.ask);
    case "replan": {
      const { problem, before, seconds, thorough } = job.ask;
      const begunMs = performance.now();
      return replan(problem, before, () => seconds - (performance.now() - begunMs) / 1000, { thorough });
    }
    case "verb":
      await prepareVerb(job.ask.name);
      return runVerbOnText(job.ask.name, job.ask.text);
  }
}
