import { err, type Result } from "@/core/shared";
import type { PoolRefusal } from "@/server/pool";
import { refused, type ActionError } from "./actionError";

export const POOL_WORDS: Readonly<Record<PoolRefusal, string>> = {
  busy: "Too much is being worked out at once. Try again in a moment.",
  "too-long": "That takes too long to work out. Thinner pieces or fewer lines are quicker.",
};

/** What the pool worked out, with its refusals and the planner's own in the cook's words. */
export function answered<T>(worked: Result<Result<T, string>, PoolRefusal>): Result<T, ActionError> {
  if (!worked.ok) return err(refused(POOL_WORDS[worked.error]));
  return worked.value.ok ? worked.value : err(refused(worked.value.error));
}
