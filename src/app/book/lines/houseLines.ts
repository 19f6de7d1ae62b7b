import { minuteText } from "@/house/butter/stockBoard";
import { t } from "@/words/book";
import { text, massOf, several, type SomeLines } from "./told";

export const HOUSE_LINES = {
  "house-changed": ({ payload }) => {
    if (typeof payload.currency === "string") return t("paysInPayload", { payload: text(payload.currency) });
    if (payload.vatPct !== undefined) return t("cardMoney", { vat: payload.vatPct, target: payload.targetPct ?? 0 });
    if (payload.decimalMark !== undefined) return t("numbersAreWritten", { mark: text(payload.decimalMark) });
    if (payload.hostNames !== undefined) return t("isCalled", { names: several(payload.hostNames) || "–" });
    if (payload.lineHands !== undefined) return t("handsAtLine", { count: payload.lineHands });
    if (payload.spot !== undefined) return t("stationHas", { spot: text(payload.spot), count: payload.count ?? 0 });
    if (payload.serviceMin !== undefined) return t("serviceBegins", { time: minuteText(payload.serviceMin) });
    return payload.susceptibleGuests === true ? t("servesGuestsWhoAreYoungOld") : t("servesGuestsInGeneral");
  },
  "handover-left": ({ payload }) => text(payload.note) || t("leftWithoutAWord"),
  "handover-taken": ({ payload }) =>
    t("tookOverFrom", {
      from: text(payload.from),
      owed: payload.owed ?? 0,
      runs: payload.runs ?? 0,
      probe: text(payload.probe),
    }),
  "house-opened": ({ payload }) =>
    t("payloadRuleSetPayload2", { payload: text(payload.name), payload2: text(payload.ruleSetId) }),
  "species-added": ({ payload }) => `${text(payload.name)} (${text(payload.scientificName)})`,
  "advice-added": ({ payload }) => {
    const bodies = several(payload.bodies);
    return t("payloadEntriesOfBodies", { payload: text(payload.entries), bodies });
  },
  "clock-jumped": ({ payload }) => {
    const minutes = payload.driftMin ?? 0;
    return t("theClockOfTheMachineWas", {
      minutes: Math.abs(minutes),
      value: minutes > 0 ? t("forward") : t("back"),
    });
  },
  "clock-taken": ({ payload }) => t("theMachinesTimeWasTakenPayload", { payload: text(payload.forwardMin) }),
  "recall-run": ({ payload }, format) =>
    t("recallWasRun", {
      real: String(payload.real === true),
      asked: text(payload.asked),
      certain: payload.certain ?? 0,
      possible: payload.possible ?? 0,
      left: massOf(format, payload.leftG),
      seconds: (payload.tookMs ?? 0) / 1000,
    }),
  "day-sealed": ({ payload }) => t("nightsSeal", { tables: Object.keys(payload.tables ?? {}).length }),
  "backup-kept": ({ payload }) => t("backupIsKept", { file: text(payload.file) }),
  "backup-failed": ({ payload }) => t("backupFailed", { why: text(payload.why) }),
  "check-set": ({ payload }) => t("checkIsSet", { name: text(payload.name), ended: String(payload.ended === true) }),
  "check-done": ({ payload }) => t("checkWasDone", { name: text(payload.name), wrong: text(payload.wrong) || "none" }),
  "person-set": ({ payload }) =>
    t("personSet", {
      name: text(payload.name),
      role: text(payload.role),
      change: text(payload.change),
    }),
  "tablet-set": ({ payload }) =>
    t("tabletSet", {
      name: text(payload.name),
      tablet: text(payload.tablet),
      change: text(payload.change),
    }),
  "key-ended": ({ payload }) => t("keyEnded", { device: text(payload.device), name: text(payload.name) }),
  correction: ({ payload, correctsSeq }) =>
    t("toEntryCorrectsSeqPayload", { correctsSeq: correctsSeq ?? "", payload: text(payload.note) }),
} satisfies SomeLines;
