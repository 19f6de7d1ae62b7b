import { isReadyToEat, type Form, type LotLife } from "@/core/freshness";
import { lifeText, type Format } from "@/words/format/format";
import { t } from "@/words/ice";

const USE_WORDS: Readonly<Record<LotLife["use"], string>> = {
  raw: t("rawOrAnyUse"),
  cook: t("cookAnyMethod"),
  "cook-today": t("cookAtOnceThrough"),
  over: t("overTakeOffTheIce"),
};

/** What a lot is still good for, as said at the station. */
export function usableAs({ use, state }: LotLife, form: Form): string {
  if (use === "over") return state === "live" ? t("pastItsDaysAliveCheckEvery") : USE_WORDS.over;
  if (state === "frozen") return t("frozenStandsStill");
  if (state === "live") return use === "cook-today" ? t("aliveNotForLong") : t("alive");
  if (isReadyToEat(form)) return use === "cook-today" ? t("readyToEatServeAtOnce") : t("readyToEat");
  return USE_WORDS[use];
}

/** How the life divides between the uses; one that is over is said as what to do instead. */
export function usesLeft(
  { leftIceDays, cookDaysLeft, rawDaysLeft, stockDaysLeft, use, state }: LotLife,
  rawAllowed: boolean,
  readyToEat: boolean,
  format: Pick<Format, "number">,
): string {
  if (use === "over") return state === "live" ? t("cookTheLivelyOnesNowThrow") : t("takeItOffTheIce2");
  if (state === "frozen") return t("frozenHardItsLeftIceDaysStand", { leftIce: format.number(leftIceDays, 1) });
  if (readyToEat)
    return cookDaysLeft === 0
      ? t("serveItAtOnce")
      : t("cookDaysLeftAtItsBest", { cookDaysLeft: lifeText(cookDaysLeft) });
  const raw =
    rawAllowed && rawDaysLeft !== 0 ? t("rawDaysLeftForRaw", { rawDaysLeft: lifeText(rawDaysLeft) }) : t("notForRaw");
  const stock = stockDaysLeft ? t("bonesForStockStockDaysLeft", { stockDaysLeft: lifeText(stockDaysLeft) }) : "";
  return cookDaysLeft === 0
    ? t("cookItThroughAtOnceRaw", { raw, stock })
    : t("cookDaysLeftForAnyCookedUseRaw", { cookDaysLeft: lifeText(cookDaysLeft), raw, stock });
}
