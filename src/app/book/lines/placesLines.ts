import { answerWords } from "../../ice/places/answerWords";
import { t } from "@/words/book";
import { text, heat, several, type SomeLines } from "./told";

export const PLACES_LINES = {
  "probe-checked": ({ payload }, format) =>
    t("payloadReadPayload2InMeltingIce", {
      payload: text(payload.probe) || t("probe"),
      payload2: heat(format, payload.celsius),
    }),
  "place-set": ({ payload }, format) =>
    t("payloadSetToPayload2", { payload: text(payload.name), payload2: heat(format, payload.setC) }),
  "reading-typed": ({ payload }, format) =>
    t("payloadAtPayload2", { payload: text(payload.place), payload2: heat(format, payload.celsius) }),
  "readings-imported": ({ payload }) =>
    t("payloadReadingsOfPayload2", {
      payload: text(payload.added),
      payload2: text(payload.place),
      parts: payload.parts ?? 1,
    }),
  "excursion-answered": ({ payload }, format) => {
    const codes = several(payload.lots);
    return t("payloadReachedPayload2Payload3Value", {
      payload: text(payload.place),
      payload2: heat(format, payload.extremeC),
      payload3: answerWords(
        {
          // the first houses said what was done in words alone
          kind: payload.did ?? "said",
          readingC: payload.readingC ?? null,
          to: text(payload.to),
          codes: [...(payload.moved ?? []), ...(payload.thrown ?? [])],
          action: text(payload.action),
        },
        (value) => heat(format, value),
      ),
      value: codes ? ` (${codes})` : "",
    });
  },
  "sensor-set": ({ payload }) => `${text(payload.name)}, ${payload.renewed === true ? t("newKey") : t("added")}`,
} satisfies SomeLines;
