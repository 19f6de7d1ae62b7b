import type { Quantity, Said, SaidValue } from "@/core/shared";
import { block } from "./en/core/block";
import { butter } from "./en/core/butter";
import { cards } from "./en/core/cards";
import { coldchain } from "./en/core/coldchain";
import { cure } from "./en/core/cure";
import { freshness } from "./en/core/freshness";
import { line } from "./en/core/line";
import { methods } from "./en/core/methods";
import { plan } from "./en/core/plan";
import { raw } from "./en/core/raw";
import { safety } from "./en/core/safety";
import { shared } from "./en/core/shared";
import { formatFor, type Format } from "./format/format";
import { speaker } from "./translator";

const ROOMS = { block, butter, cards, coldchain, cure, freshness, line, methods, plan, raw, safety, shared };

const message = speaker(ROOMS);

/** What the core says in the house's words and units. A text is what an older record kept as it was said then. */
export function say(spoken: Said | string, format: Pick<Format, "quantity">): string {
  if (typeof spoken === "string") return spoken;
  const shown = (value: SaidValue): string | number =>
    typeof value !== "object"
      ? value
      : "code" in value
        ? say(value, format)
        : format.quantity(value satisfies Quantity);
  const values = Object.entries(spoken.values ?? {}).map(([name, value]) => [name, shown(value)] as const);
  return message(spoken.code, Object.fromEntries(values));
}

const METRIC = formatFor("metric");

/** The same for what leaves the house: files, the command line and the record, which are in °C, mm and g. */
export const inMetric = (spoken: Said | string): string => say(spoken, METRIC);
