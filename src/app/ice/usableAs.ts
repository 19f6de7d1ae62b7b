import { isReadyToEat, type Form, type LotLife } from "@/core/freshness";

const USE_WORDS: Readonly<Record<LotLife["use"], string>> = {
  raw: "Raw or any use",
  cook: "Cook, any method",
  "cook-today": "Cook at once, through",
  over: "Over: take off the ice",
};

/** What a lot is still good for, as said at the station. */
export function usableAs({ use, state }: LotLife, form: Form): string {
  if (use === "over") return USE_WORDS.over;
  if (state === "frozen") return "Frozen: stands still";
  if (state === "live") return use === "cook-today" ? "Alive, not for long" : "Alive";
  if (isReadyToEat(form)) return use === "cook-today" ? "Ready to eat, serve at once" : "Ready to eat";
  return USE_WORDS[use];
}
