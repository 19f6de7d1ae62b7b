import { isReadyToEat, type Form, type LotLife } from "@/core/freshness";
import { lifeText } from "@/ui/format/format";

const USE_WORDS: Readonly<Record<LotLife["use"], string>> = {
  raw: "Raw or any use",
  cook: "Cook, any method",
  "cook-today": "Cook at once, through",
  over: "Over: take off the ice",
};

/** What a lot is still good for, as said at the station. */
export function usableAs({ use, state }: LotLife, form: Form): string {
  if (use === "over") return state === "live" ? "Past its days alive: check every one" : USE_WORDS.over;
  if (state === "frozen") return "Frozen: stands still";
  if (state === "live") return use === "cook-today" ? "Alive, not for long" : "Alive";
  if (isReadyToEat(form)) return use === "cook-today" ? "Ready to eat, serve at once" : "Ready to eat";
  return USE_WORDS[use];
}

/** How the life divides between the uses; one that is over is said as what to do instead. */
export function usesLeft(
  { leftIceDays, cookDaysLeft, rawDaysLeft, stockDaysLeft, use, state }: LotLife,
  rawAllowed: boolean,
  readyToEat: boolean,
): string {
  if (use === "over")
    return state === "live" ? "cook the lively ones now, throw out the others" : "take it off the ice";
  if (state === "frozen") return `frozen hard; its ${leftIceDays.toFixed(1)} days stand still until it thaws`;
  if (readyToEat) return cookDaysLeft === 0 ? "serve it at once" : `${lifeText(cookDaysLeft)} at its best`;
  const raw = rawAllowed && rawDaysLeft !== 0 ? `, ${lifeText(rawDaysLeft)} for raw` : ", not for raw";
  const stock = stockDaysLeft ? `, bones for stock ${lifeText(stockDaysLeft)}` : "";
  return cookDaysLeft === 0
    ? `cook it through at once${raw}${stock}`
    : `${lifeText(cookDaysLeft)} for any cooked use${raw}${stock}`;
}
