import { METHODS, PANS } from "@/core/cooking";
import { LEDGER_LABELS, type LedgerEntry } from "@/core/trace";
import { speciesName } from "../stove/clockOf";

export type LedgerLine = {
  readonly seq: number;
  readonly atMs: number;
  readonly who: string;
  readonly what: string;
  readonly text: string;
  readonly lotId: string | null;
  readonly cookId: string | null;
  readonly correctsSeq: number | null;
  readonly hash: string;
};

type Payload = Readonly<Record<string, unknown>>;
const text = (payload: Payload, key: string) => String(payload[key] ?? "");
const grams = (payload: Payload, key: string) => `${Math.round(Number(payload[key] ?? 0))} g`;
const panLabel = (id: string) => PANS.find((pan) => pan.id === id)?.label ?? id;
/** Cooks of the first houses did not say: there was one method. */
const methodLabel = (id: string) => (METHODS.find((one) => one.id === id) ?? METHODS[0]!).label.toLowerCase();
const celsius = (value: unknown) => `${Number(value).toFixed(1)} °C`;

function noted(payload: Payload): string {
  const amount = Number(payload["amount"] ?? 0);
  switch (text(payload, "note")) {
    case "probed":
      return `fish probed at ${celsius(amount)}`;
    case "tapped":
      return `${amount} of ${text(payload, "outOf")} dead at the tap`;
    case "water":
      return `water ${celsius(amount)} at harvest, says the dealer`;
    case "roe":
      return amount > 0 ? "roe on" : "bare muscle, roe off";
    case "looked":
      return `looked at again, grade ${amount} at the worst`;
    case "papers":
      return `papers: ${Object.keys(payload)
        .filter((key) => key !== "code" && key !== "note")
        .map((key) => PAPER_WORDS[key] ?? key)
        .join(", ")}`;
    default:
      return "opened";
  }
}

const PAPER_WORDS: Readonly<Record<string, string>> = {
  rearing: "how it was reared",
  feedStatement: "the grower's statement",
  freezingStatement: "the freezing statement",
  clearedGround: "an authorised ground",
  skein: "the skein",
  dealerListed: "the dealer on the list",
  waterClass: "class of the waters",
  wholeKg: "the weight of the whole fish",
  supplierLot: "the supplier's lot number",
};

/** What an entry says, in one line; figures stay as recorded, in grams and °C. */
function sentence({ kind, payload, correctsSeq }: LedgerEntry): string {
  switch (kind) {
    case "house-changed":
      if (typeof payload["currency"] === "string") return `pays in ${text(payload, "currency")}`;
      return payload["susceptibleGuests"] === true
        ? "serves guests who are young, old, pregnant or ill: nothing raw or under-cooked"
        : "serves guests in general";
    case "probe-checked":
      return `${text(payload, "probe") || "probe"} read ${celsius(payload["celsius"])} in melting ice`;
    case "house-opened":
      return `${text(payload, "name")}, rule set ${text(payload, "ruleSetId")}`;
    case "lot-received":
    case "lot-refused": {
      const reasons = Array.isArray(payload["reasons"]) ? payload["reasons"].join("; ") : "";
      const fish = `${text(payload, "code")} ${speciesName(text(payload, "speciesId"))}, ${grams(payload, "massG")}`;
      return `${fish} from ${text(payload, "supplier")} at ${celsius(payload["receiptC"])}: ${reasons}`;
    }
    case "lot-finished":
      return `${text(payload, "code")} off the ice, ${text(payload, "reason")}, ${grams(payload, "leftG")} written off`;
    case "batch-cut":
      return `${text(payload, "code")}: ${text(payload, "portions")} portions of ${grams(payload, "portionG")} from ${grams(payload, "sideG")}, trim ${grams(payload, "trimG")} to ${text(payload, "trimUse")}`;
    case "cook-started":
      return `${text(payload, "batch")}: ${text(payload, "pieces")} pieces, ${methodLabel(text(payload, "method"))}${typeof payload["targetC"] !== "number" ? "" : `, centre to ${celsius(payload["targetC"])}`}`;
    case "probe-noted":
      return `centre ${celsius(payload["centreC"])} at ${text(payload, "stage").toLowerCase()}`;
    case "cook-finished": {
      const probed = Array.isArray(payload["probedC"]) ? payload["probedC"].map(celsius).join(", ") : "";
      const rule = payload["meetsRule"] === true ? "plan meets the rule" : "plan under the rule, advisory";
      return `${text(payload, "pieces")} served, planned ${celsius(payload["plannedPeakC"])}, probed ${probed || "nothing"}; ${rule}`;
    }
    case "cook-abandoned":
      return `given up at ${text(payload, "stage").toLowerCase()}`;
    case "lot-moved":
      return `${text(payload, "code")} from ${text(payload, "from") || "nowhere"} to ${text(payload, "to")}${payload["state"] === payload["was"] ? "" : `, now ${text(payload, "state")}`}`;
    case "lot-split":
      return `${text(payload, "child")} taken from ${text(payload, "code")}, ${grams(payload, "massG")}${text(payload, "place") ? ` to ${text(payload, "place")}` : ""}${text(payload, "note") ? `: ${text(payload, "note")}` : ""}`;
    case "lot-opened":
      return text(payload, "pack") || `${text(payload, "code")} opened on ${text(payload, "day")}: day 1`;
    case "lot-wasted":
      return `${text(payload, "code")}: ${grams(payload, "massG")} thrown away, ${text(payload, "reason")}, ${(Number(payload["costCents"] ?? 0) / 100).toFixed(2)} lost`;
    case "hold-started":
      return `${text(payload, "code")}: ${text(payload, "hold").toLowerCase()}${text(payload, "note") ? `, ${text(payload, "note")}` : ""}`;
    case "hold-read":
      return `${text(payload, "code")}: centre ${celsius(payload["celsius"])}`;
    case "hold-closed":
      return `${text(payload, "code")}: ${text(payload, "hold").toLowerCase()} ${text(payload, "as")} (${text(payload, "rule")})`;
    case "place-set":
      return `${text(payload, "name")} set to ${celsius(payload["setC"])}`;
    case "reading-typed":
      return `${text(payload, "place")} at ${celsius(payload["celsius"])}`;
    case "readings-imported":
      return `${text(payload, "added")} readings of ${text(payload, "place")}`;
    case "excursion-answered": {
      const codes = Array.isArray(payload["lots"]) ? payload["lots"].join(", ") : "";
      return `${text(payload, "place")} reached ${celsius(payload["extremeC"])}: ${text(payload, "action")}${codes ? ` (${codes})` : ""}`;
    }
    case "file-attached":
      return `${text(payload, "name")}, sha-256 ${text(payload, "sha256").slice(0, 12)}`;
    case "species-added":
      return `${text(payload, "name")} (${text(payload, "scientificName")})`;
    case "advice-added": {
      const bodies = Array.isArray(payload["bodies"]) ? payload["bodies"].join(", ") : "";
      return `${text(payload, "entries")} entries of ${bodies}`;
    }
    case "covers-planned":
      return `${text(payload, "covers")} covers of ${speciesName(text(payload, "speciesId"))} on ${text(payload, "day")}`;
    case "lot-broken-down": {
      const parts = Array.isArray(payload["parts"]) ? (payload["parts"] as Payload[]) : [];
      const list = parts.map((part) => `${text(part, "part").toLowerCase()} ${grams(part, "massG")}`).join(", ");
      return `${text(payload, "code")}: ${grams(payload, "wholeG")} apart into ${list}; ${grams(payload, "lossG")} lost`;
    }
    case "batch-prepared": {
      const notes = Array.isArray(payload["notes"]) ? payload["notes"].join("; ") : "";
      return `${text(payload, "code")}: ${notes || "as cut"}, ${celsius(payload["startC"])} at the pan`;
    }
    case "scale-set":
      return `${text(payload, "name")}, ${payload["renewed"] === true ? "new key" : "added"}`;
    case "board-set":
      return `${text(payload, "colour")} for ${text(payload, "use").replace("-", " ")}`;
    case "board-washed":
      return `${text(payload, "colour")} board washed`;
    case "lot-noted":
      return `${text(payload, "code")}: ${noted(payload)}`;
    case "plates-served":
      return `${text(payload, "code")}: ${text(payload, "covers")} plates of ${grams(payload, "gramsPerCover")}, ${text(payload, "dish")}; ${text(payload, "rule")}, record: ${text(payload, "record")}`;
    case "pieces-counted":
      return `${text(payload, "code")}: ${text(payload, "count")} pieces of ${grams(payload, "pieceG")}, ${text(payload, "sizeMm")} mm`;
    case "probe-set":
      return `${text(payload, "name")}, ${payload["renewed"] === true ? "new key" : "added"}`;
    case "station-learned":
      return `${panLabel(text(payload, "panId"))}: contact ×${Number(payload["vesselFactor"]).toFixed(2)}, oven and air ×${Number(payload["airFactor"]).toFixed(2)}, from ${text(payload, "readings")} readings of ${text(payload, "cooks")} cooks`;
    case "station-reset":
      return `${panLabel(text(payload, "panId"))}: back to the book's coefficients`;
    case "sheet-kept":
      return `${speciesName(text(payload, "speciesId"))}, ${text(payload, "methodId").replaceAll("-", " ")}: ${text(payload, "lines")} thicknesses`;
    case "steps-kept": {
      const steps = Array.isArray(payload["steps"]) ? payload["steps"].map(String) : [];
      return `${speciesName(text(payload, "speciesId"))}, cooked in two goes: ${steps.map((step, index) => `${index + 1}. ${step}`).join(" ")}`;
    }
    case "clock-jumped": {
      const minutes = Number(payload["driftMin"]);
      return `the clock of the machine was set ${Math.abs(minutes)} min ${minutes > 0 ? "forward" : "back"}; the house goes on by its own time`;
    }
    case "clock-taken":
      return `the machine's time was taken, ${text(payload, "forwardMin")} min forward`;
    case "hot-hold-started":
      return `${text(payload, "title")} at ${celsius(payload["fromC"])}: ${text(payload, "place").toLowerCase()}`;
    case "hot-hold-read":
      return `${text(payload, "title")} reads ${celsius(payload["celsius"])}`;
    case "hot-hold-ended":
      return `${text(payload, "title")} ${text(payload, "as").replace("-", " ")} after ${text(payload, "minutes")} min, ${text(payload, "belowMin")} of them under hot holding`;
    case "correction":
      return `to entry ${correctsSeq}: ${text(payload, "note")}`;
  }
}

export const lineOf = (entry: LedgerEntry): LedgerLine => ({
  seq: entry.seq,
  atMs: entry.atMs,
  who: entry.who,
  what: LEDGER_LABELS[entry.kind],
  text: sentence(entry),
  lotId: entry.lotId,
  cookId: entry.cookId,
  correctsSeq: entry.correctsSeq,
  hash: entry.hash,
});
