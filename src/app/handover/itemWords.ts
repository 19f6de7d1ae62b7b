import { say } from "@/words/say";
import { sentence } from "@/words/sentence";
import { stageAct } from "@/words/stageAct";
import { assertNever } from "@/core/shared";
import type { HandoverItem, LowItem, ProbeFirst } from "@/house/handover";
import { minuteText } from "@/house/butter/stockBoard";
import { dayText, type Format } from "@/words/format/format";
import { startOfDayMs } from "@/calendar/days";
import { t } from "@/words/handover";

/** What it is called on the list: of a pan what is done to it next. */
export function titleOf(item: HandoverItem): string {
  switch (item.kind) {
    case "cook":
      return stageAct(item.next, item.title);
    case "pot":
      return t("potTitle");
    default:
      return item.title;
  }
}

/** What there is to know of it. */
export function whatOf(item: HandoverItem, format: Format): string {
  switch (item.kind) {
    case "cook":
      return t("cookWhat", { paused: String(item.paused) });
    case "reduction":
      return t("reductionWhat");
    case "pot":
      return t("potWhat", { codes: item.title });
    case "sauce":
      return t("sauceWhat");
    case "hot":
      return t("hotWhat", { place: item.place });
    case "hold":
      return sentence(say(item.needs, format));
    case "cooling":
      return t("coolingWhat", { readings: item.readings });
    case "table":
      return t("tableWhat", { called: String(item.called) });
    case "alarm":
      return t("alarmWhat", { celsius: format.temperature(item.celsius, 1) });
    case "gap":
      return t("gapWhat");
    case "over":
      return t("overWhat");
    case "live":
      return t("liveWhat");
    case "oil":
      return t("oilWhat");
    case "prep":
      return t("prepWhat", { time: minuteText(item.beginMin) });
    case "count":
      return t("countWhat", { pieces: item.pieces });
    default:
      return assertNever(item);
  }
}

export function lowText(item: LowItem, format: Format): string {
  switch (item.kind) {
    case "portions":
      return t("lowPortions", { left: item.left, par: item.par });
    case "mass":
      return t("lowMass", { left: format.mass(item.leftG) });
    case "short":
      return t("lowShort", { plates: item.plates });
    case "few":
      return t("lowFew", { left: item.left });
    default:
      return assertNever(item);
  }
}

export function probeText({ name: named, state, last }: ProbeFirst, format: Format, timeZone: string): string {
  const name = named || "none";
  if (state === "never" || last === null) return t("probeNever", { name });
  const day = dayText(startOfDayMs(last.day, timeZone), timeZone);
  return state === "off"
    ? t("probeOff", { name, celsius: format.temperature(last.celsius, 1), day })
    : t("probeOld", { name, day });
}
