import type { Form, Species } from "@/core/species";
import { RULE_SETS, type DoorLimit, type RuleSetId } from "./data/ruleSets";
import { ROUNDING_K } from "./rounding";

/** In what state a lot stands at the door: the rules differ. */
export type Arrival = "chilled" | "live" | "frozen";

export type ReceivingVerdict = {
  readonly ok: boolean;
  /** null where nothing names a figure and the hand decides. */
  readonly limitC: number | null;
  /** The law sets the limit, or the house where the law has no figure of its own. */
  readonly by: DoorLimit["by"];
  /** Warmer than it should be, and not so warm that it goes back. */
  readonly noteAboveC: number | null;
  readonly histamine: boolean;
  /** Came as frozen and is not. */
  readonly thawed: boolean;
  readonly source: string;
  readonly edition: string;
};

/** Cooked, picked and smoked goods: chilled food, not fresh fish. */
const PREPARED: readonly Form[] = ["cooked", "picked", "smoked"];

/** Temperature at the door against the rule in force; histamine formers have the stricter limit. */
export function judgeReceiving(
  ruleSetId: RuleSetId,
  species: Pick<Species, "histamineFormer">,
  receiptC: number,
  arrival: Arrival = "chilled",
  form?: Form,
): ReceivingVerdict {
  const { receiving, edition } = RULE_SETS[ruleSetId];
  const histamine = species.histamineFormer !== "no" && arrival !== "live";
  const limit = limitOf();
  const over = (edge: number | null) => edge !== null && receiptC > edge + ROUNDING_K;
  const ok = !over(limit.refuseAboveC);
  return {
    ok,
    limitC: limit.refuseAboveC,
    by: limit.by,
    noteAboveC: ok && over(limit.noteAboveC) ? limit.noteAboveC : null,
    // what has thawed is judged for histamine as fresh fish is
    histamine: histamine && (arrival !== "frozen" || over(receiving.histamine.refuseAboveC)),
    thawed: arrival === "frozen" && !ok,
    source: limit.source,
    edition,
  };

  function limitOf(): DoorLimit {
    if (arrival === "frozen") return receiving.frozen;
    if (arrival === "live") return receiving.live;
    const usual = form !== undefined && PREPARED.includes(form) ? receiving.prepared : receiving.fresh;
    if (!histamine) return usual;
    const stricter = receiving.histamine;
    return (stricter.refuseAboveC ?? Infinity) <= (usual.refuseAboveC ?? Infinity) ? stricter : usual;
  }
}
