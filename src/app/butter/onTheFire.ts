import { shelfOf } from "@/db/butter/goods";
import { liveReductions } from "@/db/butter/reductions";
import { runningPots } from "@/db/butter/stocks";
import type { Db } from "@/db/connection";
import { filledPan } from "@/house/butter/liveReduction";
import type { OnTheFire } from "./FireRows";

/** Reductions and pots of stock that are on the fire now. */
export const onTheFire = (db: Db): OnTheFire => ({
  reductions: liveReductions(db).map((live) => ({ ...live, filled: filledPan(live.facts, shelfOf(db)) })),
  pots: runningPots(db),
});
