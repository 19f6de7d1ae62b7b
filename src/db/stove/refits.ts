import { eq } from "drizzle-orm";
import { liveCook, WORTH_A_CHANGE_S } from "@/core/cooking";
import { ok, refuse, type Refusal, type Result } from "@/core/shared";
import type { Db } from "../connection";
import { appendEntry } from "../ledger";
import { cookEvents } from "../schema/cooks";
import { findCook } from "./cooks";

/** What the state of the piece makes of what was done. */
export type Refit = {
  /** How many events it was worked out from: where more came since, it is about something else. */
  readonly eventCount: number;
  /** The stage in hand wants so much more, or less, s. */
  readonly changeS: number;
  readonly peakC: number;
  readonly meets: boolean;
};

/** Puts it into the clock of the stage in hand; a cook that is over keeps in the book what the model makes of it. Refused: it came too late, or twice. */
export function refit(
  db: Db,
  cookId: string,
  found: Refit,
  stamp: { readonly atMs: number; readonly requestId: string },
): Result<null, Refusal<"noSuchCook" | "tooLate">> {
  return db.transaction((tx) => {
    const cook = findCook(tx, cookId);
    const key = `${stamp.requestId}-foreseen`;
    const known = tx.select().from(cookEvents).where(eq(cookEvents.requestId, key)).get();
    if (!cook) return refuse("noSuchCook");
    if (known || cook.events.length !== found.eventCount) return refuse("tooLate");
    const atMs = Math.max(stamp.atMs, cook.events.at(-1)?.atMs ?? 0);
    const { stages, peakC: plannedPeakC } = cook.plan.answer;
    const { status } = liveCook(
      stages.map(({ seconds }) => seconds),
      cook.events,
      atMs,
    );
    const add = (kind: "refitted" | "foreseen" | "foreseen-under", amount: number, requestId: string) =>
      tx.insert(cookEvents).values({ cookId, atMs, kind, amount, who: cook.startedBy, requestId }).run();
    const changeS = Math.round(found.changeS);
    if (status === "running" && Math.abs(changeS) >= WORTH_A_CHANGE_S)
      add("refitted", changeS, `${stamp.requestId}-refit`);
    add(found.meets ? "foreseen" : "foreseen-under", found.peakC, key);
    if (status === "done") {
      const { peakC, meets } = found;
      const { batchId, lotId } = cook;
      appendEntry(tx, {
        atMs,
        who: cook.startedBy,
        kind: "cook-modelled",
        lotId,
        batchId,
        cookId,
        payload: { peakC, plannedPeakC, meets },
      });
    }
    return ok(null);
  });
}
