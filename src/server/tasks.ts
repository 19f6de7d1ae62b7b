import { planSheet, sheetRows, type CookPlan, type SheetRequest, type SheetRow } from "@/core/cooking";
import type { Result } from "@/core/shared";
import { ok } from "@/core/shared";
import { runVerbOnText, type Problem } from "@/verbs";

/** What the server works out in threads of its own; bundled into one file beside the application. */
export type Tasks = {
  readonly plan: { readonly ask: SheetRequest; readonly answer: Result<CookPlan, string> };
  readonly sheet: {
    readonly ask: { readonly question: SheetRequest; readonly thicknesses: readonly number[] };
    readonly answer: Result<readonly SheetRow[], string>;
  };
  readonly verb: {
    readonly ask: { readonly name: string; readonly text: string };
    readonly answer: Result<unknown, Problem> | null;
  };
};

export type TaskName = keyof Tasks;
export type Job = { readonly [Name in TaskName]: { readonly task: Name; readonly ask: Tasks[Name]["ask"] } }[TaskName];

/** Runs one job; what crosses the border of a thread is plain data both ways. */
export default function runTask(job: Job): Tasks[TaskName]["answer"] {
  switch (job.task) {
    case "plan":
      return planSheet(job.ask);
    case "sheet": {
      const rows = sheetRows(job.ask.question, job.ask.thicknesses);
      return rows.ok ? ok([...rows.value]) : rows;
    }
    case "verb":
      return runVerbOnText(job.ask.name, job.ask.text);
  }
}
