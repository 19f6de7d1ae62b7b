import { t } from "@/words/book";
import { text, massOf, volumeOf, heat, several, type SomeLines } from "./told";

export const BUTTER_LINES = {
  "spec-kept": ({ payload }) => text(payload.name),
  "base-made": ({ payload }, format) =>
    t("baseMadeCodeNameCovers", {
      code: text(payload.code),
      name: text(payload.name),
      covers: text(payload.covers),
      mass: massOf(format, payload.massG),
      lost: massOf(format, payload.evaporatedG),
    }),
  "sauce-mounted": ({ payload }, format) =>
    t("sauceMountedCodeNameCovers", {
      code: text(payload.code),
      name: text(payload.name),
      covers: text(payload.covers),
      mass: massOf(format, payload.massG),
      served: heat(format, payload.servedC),
    }),
  "stock-started": ({ payload }, format) =>
    t("stockStartedBones", {
      bones: several(payload.bones),
      mass: massOf(format, payload.bonesG),
      volume: volumeOf(format, payload.waterMl),
    }),
  "stock-made": ({ payload }, format) =>
    t("stockMadeCodeYield", {
      code: text(payload.code),
      volume: volumeOf(format, payload.yieldMl),
      bones: several(payload.bones),
      minutes: text(payload.simmerMin),
      cooling: text(payload.cooling),
    }),
  "stock-bought": ({ payload }, format) =>
    t("stockBoughtCodeName", {
      code: text(payload.code),
      name: text(payload.name),
      volume: volumeOf(format, payload.volumeMl),
    }),
  "pack-received": ({ payload }, format) =>
    t("packReceived", {
      code: text(payload.code),
      name: text(payload.name),
      mass: massOf(format, payload.massG),
      supplier: text(payload.supplier) || "–",
      lot: text(payload.supplierLot) || "–",
    }),
  "stock-read": ({ payload }, format) =>
    t("potReads", {
      code: text(payload.code),
      heat: heat(format, payload.celsius),
      minutes: Math.round(payload.minutes ?? 0),
      verdict: text(payload.verdict),
    }),
  "reduction-started": ({ payload }, format) =>
    t("reductionStartedName", { name: text(payload.name), volume: volumeOf(format, payload.toMl) }),
  "reduction-noted": ({ payload }, format) =>
    payload.levelMm === undefined
      ? t("panWeighs", { name: text(payload.name), mass: massOf(format, payload.weighedG) })
      : t("panStands", { name: text(payload.name), mm: payload.levelMm }),
  "reduction-ended": ({ payload }) =>
    payload.tookSeconds === null
      ? t("reductionGivenUp", { name: text(payload.name) })
      : t("reductionTook", {
          name: text(payload.name),
          took: Math.round((payload.tookSeconds ?? 0) / 60),
          model: Math.round((payload.modelSeconds ?? 0) / 60),
        }),
  "preparation-made": ({ payload }, format) =>
    t("preparationMadeCode", {
      code: text(payload.code),
      name: text(payload.name),
      mass: massOf(format, payload.massG),
      frozen: payload.frozen === true ? "yes" : "no",
    }),
  "portions-taken": ({ payload }, format) =>
    t("portionsTakenCode", {
      code: text(payload.code),
      mass: massOf(format, payload.massG),
      left: massOf(format, payload.leftG),
    }),
  "good-kept": ({ payload }) => {
    if (payload.standsFor !== undefined)
      return t("goodStandsFor", { name: text(payload.name), what: text(payload.standsFor) || "–" });
    return t("goodKeptName", { name: text(payload.name), off: payload.retired === true ? "yes" : "no" });
  },
} satisfies SomeLines;
