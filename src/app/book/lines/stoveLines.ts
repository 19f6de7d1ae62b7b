import { METHODS, PANS } from "@/core/cooking";
import { speciesName } from "../../stove/clockOf";
import { t } from "@/words/book";
import { text, heat, several, type SomeLines } from "./told";

const panLabel = (id = "") => PANS.find((pan) => pan.id === id)?.label ?? id;
/** Cooks of the first houses did not say: there was one method. */
const methodLabel = (id = "") => (METHODS.find((one) => one.id === id) ?? METHODS[0]!).label.toLowerCase();

export const STOVE_LINES = {
  "cook-started": ({ payload }, format) =>
    t("payloadPayload2PiecesPayload3Value", {
      payload: text(payload.batch) || t("noLotNamedSpecies", { species: speciesName(text(payload.species)) }),
      payload2: text(payload.pieces),
      payload3: methodLabel(payload.method),
      value:
        typeof payload.targetC !== "number" ? "" : t("centreToPayload", { payload: heat(format, payload.targetC) }),
    }),
  "probe-noted": ({ payload }, format) =>
    t("centrePayloadAtPayload2", {
      payload: heat(format, payload.centreC),
      payload2: text(payload.stage).toLowerCase(),
    }),
  "cook-finished": ({ payload }, format) => {
    const probed = several(payload.probedC?.map((one) => heat(format, one)));
    const rule = payload.meetsRule === true ? t("planMeetsTheRule") : t("planUnderTheRuleAdvisory");
    return t("payloadServedPlannedPayload2Probed", {
      payload: text(payload.pieces),
      payload2: heat(format, payload.plannedPeakC),
      probed: probed || t("nothing"),
      rule,
    });
  },
  "cook-abandoned": ({ payload }) =>
    t("givenUpAtPayload", {
      payload: text(payload.stage).toLowerCase(),
      became: text(payload.became) || "not said",
    }),
  "cook-modelled": ({ payload }, format) =>
    t("modelledAs", {
      peak: heat(format, payload.peakC),
      planned: heat(format, payload.plannedPeakC),
      meets: payload.meets === true ? "yes" : "no",
    }),
  "tap-undone": ({ payload }) => t("tapUndone", { what: text(payload.what), stage: text(payload.stage).toLowerCase() }),
  "probe-set": ({ payload }) => `${text(payload.name)}, ${payload.renewed === true ? t("newKey") : t("added")}`,
  "station-learned": ({ payload }) =>
    t("payloadContactPayload2OvenAndAir", {
      payload: panLabel(payload.panId),
      payload2: (payload.vesselFactor ?? 1).toFixed(2),
      payload3: (payload.airFactor ?? 1).toFixed(2),
      payload4: text(payload.readings),
      payload5: text(payload.cooks),
    }),
  "station-reset": ({ payload }) => t("payloadBackToTheBooksCoefficients", { payload: panLabel(payload.panId) }),
  "sheet-kept": ({ payload }) =>
    t("payloadPayload2Payload3Thicknesses", {
      payload: speciesName(text(payload.speciesId)),
      payload2: text(payload.methodId).replaceAll("-", " "),
      payload3: text(payload.lines),
    }),
  "steps-kept": ({ payload }) => {
    const steps = payload.steps ?? [];
    return t("payloadCookedInTwoGoesSteps", {
      payload: speciesName(text(payload.speciesId)),
      steps: steps.map((step, index) => `${index + 1}. ${step}`).join(" "),
    });
  },
  "hot-hold-started": ({ payload }, format) =>
    t("payloadAtPayload2Payload3", {
      payload: text(payload.title),
      payload2: heat(format, payload.fromC),
      payload3: text(payload.place).toLowerCase(),
    }),
  "hot-hold-read": ({ payload }, format) =>
    t("payloadReadsPayload2", { payload: text(payload.title), payload2: heat(format, payload.celsius) }),
  "hot-hold-ended": ({ payload }) =>
    t("payloadPayload2AfterPayload3Min", {
      payload: text(payload.title),
      payload2: text(payload.as).replace("-", " "),
      payload3: text(payload.minutes),
      payload4: text(payload.belowMin),
    }),
  "oil-tested": ({ payload }) => t("oilTested", { name: text(payload.name), pct: payload.polarPct ?? 0 }),
  "oil-changed": ({ payload }) => t("oilChanged", { name: text(payload.name) }),
} satisfies SomeLines;
