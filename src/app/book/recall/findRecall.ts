import { DAY_MS } from "@/core/units";
import type { Db } from "@/db/connection";
import { recall } from "@/db/trace/recall";
import { lotsNamed } from "@/db/trace/search";
import type { NamedBy, Recall } from "@/house/book/recall";

/** A boat lands for years: a recall of it begins with what came lately, and says what it left out. */
export const LATELY_DAYS = 30;

export type FoundRecall = {
  readonly by: NamedBy;
  readonly codes: readonly string[];
  /** Lots of that boat or supplier from before, which are not in it. */
  readonly older: number;
  readonly recall: Recall;
};

/** Everything that became of what was typed. Null: nothing is called so. */
export function findRecall(db: Db, asked: string, whole: boolean, nowMs: number): FoundRecall | null {
  const found = lotsNamed(db, asked);
  if (!found) return null;
  const all = whole || found.by === "code" || found.by === "supplier-lot";
  const lately = found.lots.filter(({ receivedAtMs }) => receivedAtMs >= nowMs - LATELY_DAYS * DAY_MS);
  // where nothing came lately it is the old ones that are meant
  const lots = all || lately.length === 0 ? found.lots : lately;
  return {
    by: found.by,
    codes: lots.map(({ code }) => code),
    older: found.lots.length - lots.length,
    recall: recall(
      db,
      lots.map(({ id }) => id),
      nowMs,
    ),
  };
}
