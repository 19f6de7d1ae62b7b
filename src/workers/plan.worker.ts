import { expose } from "comlink";
import {
  chillAfterCooking,
  drawSheet,
  estimateSheet,
  holdHot,
  rankSheet,
  sheetRows,
  type ChillQuestion,
  type HoldQuestion,
  type LiveQuestion,
  type SheetRequest,
  type SheetRow,
} from "@/core/cooking";
import { ok } from "@/core/shared";

/** Rows between two looks at whether somebody has asked to stop. */
const BREATH_ROWS = 2;
let stopped = 0;

/** Plans off the main thread: the calliper never waits for the stove. */
const api = {
  drawSheet,
  rank: (request: SheetRequest) => rankSheet(request),
  chill: ({ chilled, fromC, ruleId }: ChillQuestion) => ok(chillAfterCooking(chilled, fromC, ruleId)),
  hold: (question: HoldQuestion) => ok(holdHot(question)),
  estimate: (question: LiveQuestion) => estimateSheet(question),
  /** A station sheet, telling every line as it is there; `stopSheet` ends it between lines. */
  sheet: async (request: SheetRequest, thicknesses: readonly number[], told: (row: SheetRow) => void) => {
    const mine = ++stopped;
    const rows = sheetRows(request, thicknesses);
    if (!rows.ok) return rows;
    let count = 0;
    for (const row of rows.value) {
      told(row);
      // a breath, so that a stop can come in
      if (++count % BREATH_ROWS === 0) await new Promise((resume) => setTimeout(resume));
      if (stopped !== mine) break;
    }
    return ok(count);
  },
  stopSheet: () => {
    stopped++;
  },
};
export type PlanWorker = typeof api;

expose(api);
