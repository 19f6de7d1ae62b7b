import type { TDocumentDefinitions } from "pdfmake/interfaces";
import { backUp, checkFile } from "@/db/backup";
import { pdfOf } from "./pdf";

/** Work on the whole file of the house, which takes its time and may keep nobody waiting: done in a thread with a connection of its own. */
export type KeepTasks = {
  readonly check: { readonly ask: { readonly file: string }; readonly answer: ReturnType<typeof checkFile> };
  readonly backup: {
    readonly ask: { readonly file: string; readonly folder: string; readonly stamp: string };
    readonly answer: ReturnType<typeof backUp>;
  };
  /** A page as the library for papers wants it, made into a PDF. */
  readonly pdf: { readonly ask: { readonly page: TDocumentDefinitions }; readonly answer: Uint8Array };
};
export type KeepName = keyof KeepTasks;
export type KeepJob = {
  readonly [Name in KeepName]: { readonly task: Name; readonly ask: KeepTasks[Name]["ask"] };
}[KeepName];

export default async function runKeep(job: KeepJob): Promise<KeepTasks[KeepName]["answer"]> {
  switch (job.task) {
    case "check":
      return checkFile(job.ask.file);
    case "backup":
      return backUp(job.ask.file, job.ask.folder, job.ask.stamp);
    case "pdf":
      return pdfOf(job.ask.page);
  }
}
