import type { Told } from "@/core/trace";
import { speciesName } from "../../stove/clockOf";
import { calendarDayText, type Format } from "@/words/format/format";
import { t } from "@/words/book";
import { inMetric } from "@/words/say";
import { text, massOf, heat, several, type SomeLines } from "./told";

const orderLine = ({ payload }: { readonly payload: Told<"order-placed"> }, format: Format) =>
  t("orderOf", {
    fish: `${speciesName(text(payload.speciesId))}, ${massOf(format, payload.massG)}`,
    supplier: text(payload.supplier),
    every: String(payload.everyWeek === true),
    day: calendarDayText(text(payload.day)) || "none",
  });

const doorLine = ({ payload }: { readonly payload: Told<"lot-received"> }, format: Format) => {
  const reasons = several(payload.reasons?.map(inMetric), "; ");
  const fish = `${text(payload.code)} ${speciesName(text(payload.speciesId))}, ${massOf(format, payload.massG)}`;
  return t("fishFromPayloadAtPayload2Reasons", {
    fish,
    payload: text(payload.supplier),
    payload2: heat(format, payload.receiptC),
    reasons,
  });
};

export const FISH_LINES = {
  "order-placed": orderLine,
  "order-ended": orderLine,
  "order-missing": orderLine,
  "lot-received": doorLine,
  "lot-refused": doorLine,
  "lot-finished": ({ payload }, format) =>
    t("payloadOffTheIcePayload2Payload3", {
      payload: text(payload.code),
      payload2: text(payload.reason),
      payload3: massOf(format, payload.leftG),
    }),
  "lot-moved": ({ payload }) =>
    t("payloadFromPayload2ToPayload3Value", {
      payload: text(payload.code),
      payload2: text(payload.from) || t("nowhere"),
      payload3: text(payload.to),
      value: payload.state === payload.was ? "" : t("nowPayload", { payload: text(payload.state) }),
    }),
  "lot-split": ({ payload }, format) =>
    t("payloadTakenFromPayload2Payload3", {
      payload: text(payload.child),
      payload2: text(payload.code),
      payload3: massOf(format, payload.massG),
      value: text(payload.place) ? t("toPayload", { payload: text(payload.place) }) : "",
      value2: text(payload.note) ? `: ${text(payload.note)}` : "",
    }),
  "lot-opened": ({ payload }) =>
    text(payload.pack) ||
    t("payloadOpenedOnPayload2Day1", {
      payload: text(payload.code),
      payload2: calendarDayText(text(payload.day)),
    }),
  "lot-wasted": ({ payload }, format) =>
    t("payloadPayload2ThrownAwayPayload3", {
      payload: text(payload.code),
      payload2: massOf(format, payload.massG),
      payload3: text(payload.reason),
      payload4: ((payload.costCents ?? 0) / 100).toFixed(2),
    }),
  "hold-started": ({ payload }) =>
    `${text(payload.code)}: ${text(payload.hold).toLowerCase()}${text(payload.note) ? `, ${text(payload.note)}` : ""}`,
  "hold-read": ({ payload }, format) =>
    t("payloadCentrePayload2", { payload: text(payload.code), payload2: heat(format, payload.celsius) }),
  "hold-closed": ({ payload }) =>
    `${text(payload.code)}: ${text(payload.hold).toLowerCase()} ${text(payload.as)} (${text(payload.rule)})`,
  "file-attached": ({ payload }) => `${text(payload.name)}, sha-256 ${text(payload.sha256).slice(0, 12)}`,
  "covers-planned": ({ payload }) =>
    t("payloadCoversOfPayload2OnPayload3", {
      payload: text(payload.covers),
      payload2: speciesName(text(payload.speciesId)),
      payload3: calendarDayText(text(payload.day)),
    }),
  "supplier-set": ({ payload }) =>
    t("supplierIsCalled", { name: text(payload.name), phone: text(payload.phone) || "–" }),
  "label-printed": ({ payload }) => t("labelPrinted", { code: text(payload.code), name: text(payload.name) }),
} satisfies SomeLines;
