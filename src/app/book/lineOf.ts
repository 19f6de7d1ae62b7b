import type { CorrectiveKind } from "@/core/coldchain";
import { METHODS, PANS } from "@/core/cooking";
import { LEDGER_LABELS, type LedgerEntry } from "@/core/trace";
import { questionsOf, type QuestionId } from "@/house/binder";
import { minuteText } from "@/house/stockBoard";
import { answerWords } from "../ice/places/answerWords";
import { speciesName } from "../stove/clockOf";
import { calendarDayText, type Format } from "@/words/format/format";
import { t } from "@/words/book";
import { inMetric } from "@/words/say";

export type LedgerLine = {
  readonly seq: number;
  readonly atMs: number;
  readonly who: string;
  readonly what: string;
  /** Questions of an inspector it has to do with. */
  readonly questions: readonly QuestionId[];
  readonly text: string;
  readonly lotId: string | null;
  readonly cookId: string | null;
  readonly correctsSeq: number | null;
  readonly hash: string;
};

type Payload = Readonly<Record<string, unknown>>;
const text = (payload: Payload, key: string) => String(payload[key] ?? "");
const massOf = (format: Format, payload: Payload, key: string) => format.mass(Number(payload[key] ?? 0));
const volumeOf = (format: Format, payload: Payload, key: string) => format.volume(Number(payload[key] ?? 0));
const panLabel = (id: string) => PANS.find((pan) => pan.id === id)?.label ?? id;
/** Cooks of the first houses did not say: there was one method. */
const methodLabel = (id: string) => (METHODS.find((one) => one.id === id) ?? METHODS[0]!).label.toLowerCase();
const heat = (format: Format, value: unknown) => format.temperature(Number(value), 1);

function noted(payload: Payload, format: Format): string {
  const amount = Number(payload["amount"] ?? 0);
  switch (text(payload, "note")) {
    case "probed":
      return t("fishProbedAtAmount", { amount: heat(format, amount) });
    case "tapped":
      return t("amountOfPayloadDeadAtThe", { amount, payload: text(payload, "outOf") });
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

/** What an entry says, in one line, its figures as this house writes them; what was sealed stays in grams and °C. */
function sentence({ kind, payload, correctsSeq }: LedgerEntry, format: Format): string {
  switch (kind) {
    case "house-changed":
      if (typeof payload["currency"] === "string") return t("paysInPayload", { payload: text(payload, "currency") });
      if (payload["vatPct"] !== undefined)
        return t("cardMoney", { vat: Number(payload["vatPct"]), target: Number(payload["targetPct"]) });
      if (payload["decimalMark"] !== undefined) return t("numbersAreWritten", { mark: text(payload, "decimalMark") });
      if (Array.isArray(payload["hostNames"])) return t("isCalled", { names: payload["hostNames"].join(", ") || "–" });
      if (payload["lineHands"] !== undefined) return t("handsAtLine", { count: Number(payload["lineHands"]) });
      if (payload["spot"] !== undefined)
        return t("stationHas", { spot: text(payload, "spot"), count: Number(payload["count"]) });
      if (payload["serviceMin"] !== undefined)
        return t("serviceBegins", { time: minuteText(Number(payload["serviceMin"])) });
      return payload["susceptibleGuests"] === true ? t("servesGuestsWhoAreYoungOld") : t("servesGuestsInGeneral");
    case "probe-checked":
      return t("payloadReadPayload2InMeltingIce", {
        payload: text(payload, "probe") || t("probe"),
        payload2: heat(format, payload["celsius"]),
      });
    case "handover-left":
      return text(payload, "note") || t("leftWithoutAWord");
    case "handover-taken":
      return t("tookOverFrom", {
        from: text(payload, "from"),
        owed: Number(payload["owed"]),
        runs: Number(payload["runs"]),
        probe: text(payload, "probe"),
      });
    case "house-opened":
      return t("payloadRuleSetPayload2", { payload: text(payload, "name"), payload2: text(payload, "ruleSetId") });
    case "order-placed":
    case "order-ended":
    case "order-missing":
      return t("orderOf", {
        fish: `${speciesName(text(payload, "speciesId"))}, ${massOf(format, payload, "massG")}`,
        supplier: text(payload, "supplier"),
        every: String(payload["everyWeek"] === true),
        day: calendarDayText(text(payload, "day")) || "none",
      });
    case "lot-received":
    case "lot-refused": {
      const reasons = Array.isArray(payload["reasons"]) ? payload["reasons"].map(inMetric).join("; ") : "";
      const fish = `${text(payload, "code")} ${speciesName(text(payload, "speciesId"))}, ${massOf(format, payload, "massG")}`;
      return t("fishFromPayloadAtPayload2Reasons", {
        fish,
        payload: text(payload, "supplier"),
        payload2: heat(format, payload["receiptC"]),
        reasons,
      });
    }
    case "lot-finished":
      return t("payloadOffTheIcePayload2Payload3", {
        payload: text(payload, "code"),
        payload2: text(payload, "reason"),
        payload3: massOf(format, payload, "leftG"),
      });
    case "batch-cut":
      return t("payloadPayload2PortionsOfPayload3", {
        payload: text(payload, "code"),
        payload2: text(payload, "portions"),
        payload3: massOf(format, payload, "portionG"),
        payload4: massOf(format, payload, "sideG"),
        payload5: massOf(format, payload, "trimG"),
        payload6: `${text(payload, "trimUse")}${
          Number(payload["restG"] ?? 0) > 0 ? t("restStaysASide", { rest: massOf(format, payload, "restG") }) : ""
        }`,
      });
    case "cook-started":
      return t("payloadPayload2PiecesPayload3Value", {
        payload: text(payload, "batch") || t("noLotNamedSpecies", { species: speciesName(text(payload, "species")) }),
        payload2: text(payload, "pieces"),
        payload3: methodLabel(text(payload, "method")),
        value:
          typeof payload["targetC"] !== "number"
            ? ""
            : t("centreToPayload", { payload: heat(format, payload["targetC"]) }),
      });
    case "probe-noted":
      return t("centrePayloadAtPayload2", {
        payload: heat(format, payload["centreC"]),
        payload2: text(payload, "stage").toLowerCase(),
      });
    case "cook-finished": {
      const probed = Array.isArray(payload["probedC"])
        ? payload["probedC"].map((one) => heat(format, one)).join(", ")
        : "";
      const rule = payload["meetsRule"] === true ? t("planMeetsTheRule") : t("planUnderTheRuleAdvisory");
      return t("payloadServedPlannedPayload2Probed", {
        payload: text(payload, "pieces"),
        payload2: heat(format, payload["plannedPeakC"]),
        probed: probed || t("nothing"),
        rule,
      });
    }
    case "cook-abandoned":
      return t("givenUpAtPayload", {
        payload: text(payload, "stage").toLowerCase(),
        became: text(payload, "became") || "not said",
      });
    case "cook-modelled":
      return t("modelledAs", {
        peak: heat(format, payload["peakC"]),
        planned: heat(format, payload["plannedPeakC"]),
        meets: payload["meets"] === true ? "yes" : "no",
      });
    case "tap-undone":
      return t("tapUndone", { what: text(payload, "what"), stage: text(payload, "stage").toLowerCase() });
    case "lot-moved":
      return t("payloadFromPayload2ToPayload3Value", {
        payload: text(payload, "code"),
        payload2: text(payload, "from") || t("nowhere"),
        payload3: text(payload, "to"),
        value: payload["state"] === payload["was"] ? "" : t("nowPayload", { payload: text(payload, "state") }),
      });
    case "lot-split":
      return t("payloadTakenFromPayload2Payload3", {
        payload: text(payload, "child"),
        payload2: text(payload, "code"),
        payload3: massOf(format, payload, "massG"),
        value: text(payload, "place") ? t("toPayload", { payload: text(payload, "place") }) : "",
        value2: text(payload, "note") ? `: ${text(payload, "note")}` : "",
      });
    case "lot-opened":
      return (
        text(payload, "pack") ||
        t("payloadOpenedOnPayload2Day1", {
          payload: text(payload, "code"),
          payload2: calendarDayText(text(payload, "day")),
        })
      );
    case "lot-wasted":
      return t("payloadPayload2ThrownAwayPayload3", {
        payload: text(payload, "code"),
        payload2: massOf(format, payload, "massG"),
        payload3: text(payload, "reason"),
        payload4: (Number(payload["costCents"] ?? 0) / 100).toFixed(2),
      });
    case "hold-started":
      return `${text(payload, "code")}: ${text(payload, "hold").toLowerCase()}${text(payload, "note") ? `, ${text(payload, "note")}` : ""}`;
    case "hold-read":
      return t("payloadCentrePayload2", { payload: text(payload, "code"), payload2: heat(format, payload["celsius"]) });
    case "hold-closed":
      return `${text(payload, "code")}: ${text(payload, "hold").toLowerCase()} ${text(payload, "as")} (${text(payload, "rule")})`;
    case "place-set":
      return t("payloadSetToPayload2", { payload: text(payload, "name"), payload2: heat(format, payload["setC"]) });
    case "reading-typed":
      return t("payloadAtPayload2", { payload: text(payload, "place"), payload2: heat(format, payload["celsius"]) });
    case "readings-imported":
      return t("payloadReadingsOfPayload2", {
        payload: text(payload, "added"),
        payload2: text(payload, "place"),
        parts: Number(payload["parts"] ?? 1),
      });
    case "excursion-answered": {
      const codes = Array.isArray(payload["lots"]) ? payload["lots"].join(", ") : "";
      return t("payloadReachedPayload2Payload3Value", {
        payload: text(payload, "place"),
        payload2: heat(format, payload["extremeC"]),
        payload3: answerWords(
          {
            kind: (payload["did"] as CorrectiveKind | undefined) ?? "said",
            readingC: typeof payload["readingC"] === "number" ? payload["readingC"] : null,
            to: text(payload, "to"),
            codes: [payload["moved"], payload["thrown"]].flatMap((some) =>
              Array.isArray(some) ? (some as string[]) : [],
            ),
            action: text(payload, "action"),
          },
          (value) => heat(format, value),
        ),
        value: codes ? ` (${codes})` : "",
      });
    }
    case "file-attached":
      return `${text(payload, "name")}, sha-256 ${text(payload, "sha256").slice(0, 12)}`;
    case "species-added":
      return `${text(payload, "name")} (${text(payload, "scientificName")})`;
    case "advice-added": {
      const bodies = Array.isArray(payload["bodies"]) ? payload["bodies"].join(", ") : "";
      return t("payloadEntriesOfBodies", { payload: text(payload, "entries"), bodies });
    }
    case "covers-planned":
      return t("payloadCoversOfPayload2OnPayload3", {
        payload: text(payload, "covers"),
        payload2: speciesName(text(payload, "speciesId")),
        payload3: calendarDayText(text(payload, "day")),
      });
    case "lot-broken-down": {
      const parts = Array.isArray(payload["parts"]) ? (payload["parts"] as Payload[]) : [];
      const list = parts
        .map((part) => `${text(part, "part").toLowerCase()} ${massOf(format, part, "massG")}`)
        .join(", ");
      return t("payloadPayload2ApartIntoListPayload3", {
        payload: text(payload, "code"),
        payload2: massOf(format, payload, "wholeG"),
        list,
        payload3: massOf(format, payload, "lossG"),
      });
    }
    case "batch-prepared": {
      const notes = Array.isArray(payload["notes"]) ? payload["notes"].join("; ") : "";
      return t("payloadNotesPayload2AtThePan", {
        payload: text(payload, "code"),
        notes: notes || t("asCut"),
        payload2: heat(format, payload["startC"]),
      });
    }
    case "scale-set":
    case "sensor-set":
      return `${text(payload, "name")}, ${payload["renewed"] === true ? t("newKey") : t("added")}`;
    case "board-set":
      return t("payloadForPayload2", {
        payload: text(payload, "colour"),
        payload2: text(payload, "use").replace("-", " "),
      });
    case "board-washed":
      return t("payloadBoardWashed", { payload: text(payload, "colour") });
    case "lot-noted":
      return `${text(payload, "code")}: ${noted(payload, format)}`;
    case "plates-served":
      return t("payloadPayload2PlatesOfPayload3", {
        payload: text(payload, "code"),
        payload2: text(payload, "covers"),
        payload3: massOf(format, payload, "gramsPerCover"),
        payload4: text(payload, "dish"),
        payload5: text(payload, "rule"),
        payload6: text(payload, "record"),
      });
    case "pieces-counted":
      return t("payloadPayload2PiecesOfPayload3", {
        payload: text(payload, "code"),
        payload2: text(payload, "count"),
        payload3: massOf(format, payload, "pieceG"),
        payload4: text(payload, "sizeMm"),
      });
    case "probe-set":
      return `${text(payload, "name")}, ${payload["renewed"] === true ? t("newKey") : t("added")}`;
    case "station-learned":
      return t("payloadContactPayload2OvenAndAir", {
        payload: panLabel(text(payload, "panId")),
        payload2: Number(payload["vesselFactor"]).toFixed(2),
        payload3: Number(payload["airFactor"]).toFixed(2),
        payload4: text(payload, "readings"),
        payload5: text(payload, "cooks"),
      });
    case "station-reset":
      return t("payloadBackToTheBooksCoefficients", { payload: panLabel(text(payload, "panId")) });
    case "sheet-kept":
      return t("payloadPayload2Payload3Thicknesses", {
        payload: speciesName(text(payload, "speciesId")),
        payload2: text(payload, "methodId").replaceAll("-", " "),
        payload3: text(payload, "lines"),
      });
    case "steps-kept": {
      const steps = Array.isArray(payload["steps"]) ? payload["steps"].map(String) : [];
      return t("payloadCookedInTwoGoesSteps", {
        payload: speciesName(text(payload, "speciesId")),
        steps: steps.map((step, index) => `${index + 1}. ${step}`).join(" "),
      });
    }
    case "clock-jumped": {
      const minutes = Number(payload["driftMin"]);
      return t("theClockOfTheMachineWas", {
        minutes: Math.abs(minutes),
        value: minutes > 0 ? t("forward") : t("back"),
      });
    }
    case "clock-taken":
      return t("theMachinesTimeWasTakenPayload", { payload: text(payload, "forwardMin") });
    case "hot-hold-started":
      return t("payloadAtPayload2Payload3", {
        payload: text(payload, "title"),
        payload2: heat(format, payload["fromC"]),
        payload3: text(payload, "place").toLowerCase(),
      });
    case "hot-hold-read":
      return t("payloadReadsPayload2", { payload: text(payload, "title"), payload2: heat(format, payload["celsius"]) });
    case "hot-hold-ended":
      return t("payloadPayload2AfterPayload3Min", {
        payload: text(payload, "title"),
        payload2: text(payload, "as").replace("-", " "),
        payload3: text(payload, "minutes"),
        payload4: text(payload, "belowMin"),
      });
    case "spec-kept":
      return text(payload, "name");
    case "base-made":
      return t("baseMadeCodeNameCovers", {
        code: text(payload, "code"),
        name: text(payload, "name"),
        covers: text(payload, "covers"),
        mass: massOf(format, payload, "massG"),
        lost: massOf(format, payload, "evaporatedG"),
      });
    case "sauce-mounted":
      return t("sauceMountedCodeNameCovers", {
        code: text(payload, "code"),
        name: text(payload, "name"),
        covers: text(payload, "covers"),
        mass: massOf(format, payload, "massG"),
        served: heat(format, payload["servedC"]),
      });
    case "stock-started":
      return t("stockStartedBones", {
        bones: Array.isArray(payload["bones"]) ? payload["bones"].join(", ") : "",
        mass: massOf(format, payload, "bonesG"),
        volume: volumeOf(format, payload, "waterMl"),
      });
    case "stock-made":
      return t("stockMadeCodeYield", {
        code: text(payload, "code"),
        volume: volumeOf(format, payload, "yieldMl"),
        bones: Array.isArray(payload["bones"]) ? payload["bones"].join(", ") : "",
        minutes: text(payload, "simmerMin"),
        cooling: text(payload, "cooling"),
      });
    case "stock-bought":
      return t("stockBoughtCodeName", {
        code: text(payload, "code"),
        name: text(payload, "name"),
        volume: volumeOf(format, payload, "volumeMl"),
      });
    case "pack-received":
      return t("packReceived", {
        code: text(payload, "code"),
        name: text(payload, "name"),
        mass: massOf(format, payload, "massG"),
        supplier: text(payload, "supplier") || "–",
        lot: text(payload, "supplierLot") || "–",
      });
    case "supplier-set":
      return t("supplierIsCalled", { name: text(payload, "name"), phone: text(payload, "phone") || "–" });
    case "recall-run":
      return t("recallWasRun", {
        real: String(payload["real"] === true),
        asked: text(payload, "asked"),
        certain: Number(payload["certain"] ?? 0),
        possible: Number(payload["possible"] ?? 0),
        left: massOf(format, payload, "leftG"),
        seconds: Number(payload["tookMs"] ?? 0) / 1000,
      });
    case "day-sealed":
      return t("nightsSeal", { tables: Object.keys((payload["tables"] as object | undefined) ?? {}).length });
    case "backup-kept":
      return t("backupIsKept", { file: text(payload, "file") });
    case "backup-failed":
      return t("backupFailed", { why: text(payload, "why") });
    case "check-set":
      return t("checkIsSet", { name: text(payload, "name"), ended: String(payload["ended"] === true) });
    case "check-done":
      return t("checkWasDone", { name: text(payload, "name"), wrong: text(payload, "wrong") || "none" });
    case "label-printed":
      return t("labelPrinted", { code: text(payload, "code"), name: text(payload, "name") });
    case "card-note-kept":
      return t("noteIsBesideCard", { title: text(payload, "title"), name: text(payload, "name") });
    case "card-note-dropped":
      return t("noteIsTakenAway", { title: text(payload, "title") });
    case "ticket-opened":
      return t("ticketSays", { table: text(payload, "table"), said: text(payload, "said") });
    case "ticket-struck":
    case "ticket-back":
    case "course-called":
    case "course-held":
    case "course-back":
      return t("courseOfTable", { table: text(payload, "table"), course: Number(payload["course"] ?? 0) });
    case "course-gone":
      return t("platesOfTable", { table: text(payload, "table"), covers: Number(payload["covers"] ?? 0) });
    case "pan-begun":
      return t("piecesInPan", { name: text(payload, "name"), count: Number(payload["pieces"] ?? 0) });
    case "pan-lost":
      return t("panIsLost");
    case "pan-back":
      return t("aTapTakenBack");
    case "pieces-again":
      return t("piecesAgain", {
        table: text(payload, "table"),
        card: text(payload, "card"),
        count: Number(payload["count"] ?? 0),
        reason: text(payload, "reason"),
      });
    case "allergy-swapped":
    case "allergy-seen":
      return t("allergyOf", {
        table: text(payload, "table"),
        card: text(payload, "card"),
        allergies: Array.isArray(payload["allergies"]) ? payload["allergies"].join(", ") : "",
      });
    case "spot-out":
    case "spot-back":
      return text(payload, "spot");
    case "close-counted":
      return t("countedAtClose", {
        name: text(payload, "name"),
        counted: Number(payload["counted"] ?? 0),
        booked: Number(payload["booked"] ?? 0),
        became: text(payload, "became"),
      });
    case "sender-set":
      return text(payload, "name");
    case "person-set":
      return t("personSet", {
        name: text(payload, "name"),
        role: text(payload, "role"),
        change: text(payload, "change"),
      });
    case "tablet-set":
      return t("tabletSet", {
        name: text(payload, "name"),
        tablet: text(payload, "tablet"),
        change: text(payload, "change"),
      });
    case "key-ended":
      return t("keyEnded", { device: text(payload, "device"), name: text(payload, "name") });
    case "card-off":
      return t("cardIsOff", { name: text(payload, "name"), reason: text(payload, "reason") });
    case "card-on":
      return t("cardIsOn", { name: text(payload, "name") });
    case "card-served":
      return t("cardServed", { name: text(payload, "name"), covers: Number(payload["covers"] ?? 0) });
    case "stock-read":
      return t("potReads", {
        code: text(payload, "code"),
        heat: heat(format, payload["celsius"]),
        minutes: Math.round(Number(payload["minutes"] ?? 0)),
        verdict: text(payload, "verdict"),
      });
    case "reduction-started":
      return t("reductionStartedName", { name: text(payload, "name"), volume: volumeOf(format, payload, "toMl") });
    case "reduction-noted":
      return payload["levelMm"] === undefined
        ? t("panWeighs", { name: text(payload, "name"), mass: massOf(format, payload, "weighedG") })
        : t("panStands", { name: text(payload, "name"), mm: Number(payload["levelMm"]) });
    case "reduction-ended":
      return payload["tookSeconds"] === null
        ? t("reductionGivenUp", { name: text(payload, "name") })
        : t("reductionTook", {
            name: text(payload, "name"),
            took: Math.round(Number(payload["tookSeconds"]) / 60),
            model: Math.round(Number(payload["modelSeconds"]) / 60),
          });
    case "preparation-made":
      return t("preparationMadeCode", {
        code: text(payload, "code"),
        name: text(payload, "name"),
        mass: massOf(format, payload, "massG"),
        frozen: payload["frozen"] === true ? "yes" : "no",
      });
    case "portions-taken":
      return t("portionsTakenCode", {
        code: text(payload, "code"),
        mass: massOf(format, payload, "massG"),
        left: massOf(format, payload, "leftG"),
      });
    case "good-kept":
      if (payload["standsFor"] !== undefined)
        return t("goodStandsFor", { name: text(payload, "name"), what: text(payload, "standsFor") || "–" });
      return t("goodKeptName", { name: text(payload, "name"), off: payload["retired"] === true ? "yes" : "no" });
    case "oil-tested":
      return t("oilTested", { name: text(payload, "name"), pct: Number(payload["polarPct"]) });
    case "oil-changed":
      return t("oilChanged", { name: text(payload, "name") });
    case "correction":
      return t("toEntryCorrectsSeqPayload", { correctsSeq: correctsSeq ?? "", payload: text(payload, "note") });
  }
}

/** An entry as a line of the book, for a house that writes so. */
export const lineOf = (entry: LedgerEntry, format: Format): LedgerLine => ({
  seq: entry.seq,
  atMs: entry.atMs,
  who: entry.who,
  what: LEDGER_LABELS[entry.kind],
  questions: questionsOf(entry.kind),
  text: sentence(entry, format),
  lotId: entry.lotId,
  cookId: entry.cookId,
  correctsSeq: entry.correctsSeq,
  hash: entry.hash,
});
