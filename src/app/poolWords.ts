import { err, type Result, type Said } from "@/core/shared";
import type { PoolRefusal } from "@/server/threads";
import { refused, refusedBy, type ActionError } from "./actionError";
import { t } from "@/words/shell";

export const POOL_WORDS: Readonly<Record<PoolRefusal, string>> = {
  busy: t("tooMuchIsBeingWorkedOut"),
  "too-long": t("thatTakesTooLongToWork"),
};

/** What the pool worked out, with its refusals and the planner's own in the cook's words. */
export function answered<T>(worked: Result<Result<T, Said>, PoolRefusal>): Result<T, ActionError> {
  if (!worked.ok) return err(refused(worked.error, POOL_WORDS[worked.error]));
  return worked.value.ok ? worked.value : err(refusedBy(worked.value.error));
}
