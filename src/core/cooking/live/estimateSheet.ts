import { err, ok, type Result, type Said } from "@/core/shared";
import { estimateLive, type LiveEstimate } from "./estimate";
import type { Reading } from "./fit";
import { jobOf } from "../plan";
import { requestOf, UNKNOWN, type SheetRequest } from "../plan";

/** A running cook: its question, what the plan gave, what has passed and what the probe said. */
export type LiveQuestion = {
  readonly sheet: SheetRequest;
  readonly plannedS: readonly number[];
  readonly taken: readonly number[];
  readonly readings: readonly Reading[];
};

export function estimateSheet({ sheet, plannedS, taken, readings }: LiveQuestion): Result<LiveEstimate, Said> {
  const request = requestOf(sheet);
  return request ? ok(estimateLive(jobOf(request), plannedS, taken, readings)) : err(UNKNOWN);
}
