import type { Told } from "@/core/trace";
import type { Format } from "@/words/format/format";
import { t } from "@/words/book";
import { text, massOf, heat, several, type SomeLines } from "./told";

function noted(payload: Told<"lot-noted">, format: Format): string {
  const amount = payload.amount ?? 0;
  switch (payload.note) {
    case "probed":
      return t("fishProbedAtAmount", { amount: heat(format, amount) });
    case "tapped":
      return t("amountOfPayloadDeadAtThe", { amount, payload: text(payload.outOf) });
    case "water":
      return t("waterAmountAtHarvestSaysThe", { amount: heat(format, amount) });
    case "roe":
      return amount > 0 ? t("roeOn") : t("bareMuscleRoeOff");
    case "looked":
      return t("lookedAtAgainGradeAmountAt", { amount });
    case "papers":
      return t("papersPayload", {
        payload: Object.keys(payload)
          .filter((key) => key !== "code" && key !== "note")
          .map((key) => PAPER_WORDS[key] ?? key)
          .join(", "),
      });
    default:
      return "opened";
  }
}

const PAPER_WORDS: Readonly<Record<string, string>> = {
  rearing: t("howItWasReared"),
  feedStatement: t("theGrowersStatement"),
  freezingStatement: t("theFreezingStatement"),
  clearedGround: t("anAuthorisedGround"),
  skein: t("theSkein"),
  dealerListed: t("theDealerOnTheList"),
  waterClass: t("classOfTheWaters"),
  pieces: t("piecesCounted"),
  wholeKg: t("theWeightOfTheWholeFish"),
  supplierLot: t("theSuppliersLotNumber"),
};

export const BLOCK_LINES = {
  "batch-cut": ({ payload }, format) =>
    t("payloadPayload2PortionsOfPayload3", {
      payload: text(payload.code),
      payload2: text(payload.portions),
      payload3: massOf(format, payload.portionG),
      payload4: massOf(format, payload.sideG),
      payload5: massOf(format, payload.trimG),
      payload6: `${text(payload.trimUse)}${
        (payload.restG ?? 0) > 0 ? t("restStaysASide", { rest: massOf(format, payload.restG) }) : ""
      }`,
    }),
  "lot-broken-down": ({ payload }, format) => {
    const list = (payload.parts ?? [])
      .map((part) => `${text(part.part).toLowerCase()} ${massOf(format, part.massG)}`)
      .join(", ");
    return t("payloadPayload2ApartIntoListPayload3", {
      payload: text(payload.code),
      payload2: massOf(format, payload.wholeG),
      list,
      payload3: massOf(format, payload.lossG),
    });
  },
  "batch-prepared": ({ payload }, format) => {
    const notes = several(payload.notes, "; ");
    return t("payloadNotesPayload2AtThePan", {
      payload: text(payload.code),
      notes: notes || t("asCut"),
      payload2: heat(format, payload.startC),
    });
  },
  "scale-set": ({ payload }) => `${text(payload.name)}, ${payload.renewed === true ? t("newKey") : t("added")}`,
  "board-set": ({ payload }) =>
    t("payloadForPayload2", {
      payload: text(payload.colour),
      payload2: text(payload.use).replace("-", " "),
    }),
  "board-washed": ({ payload }) => t("payloadBoardWashed", { payload: text(payload.colour) }),
  "lot-noted": ({ payload }, format) => `${text(payload.code)}: ${noted(payload, format)}`,
  "plates-served": ({ payload }, format) =>
    t("payloadPayload2PlatesOfPayload3", {
      payload: text(payload.code),
      payload2: text(payload.covers),
      payload3: massOf(format, payload.gramsPerCover),
      payload4: text(payload.dish),
      payload5: text(payload.rule),
      payload6: text(payload.record),
    }),
  "pieces-counted": ({ payload }, format) =>
    t("payloadPayload2PiecesOfPayload3", {
      payload: text(payload.code),
      payload2: text(payload.count),
      payload3: massOf(format, payload.pieceG),
      payload4: text(payload.sizeMm),
    }),
} satisfies SomeLines;
