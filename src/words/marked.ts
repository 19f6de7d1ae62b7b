import type { Quantity } from "@/core/shared";
import type { Format } from "./format/format";

/** A quantity in a text of a table stands in braces: "{48-52 °C}, just opaque", "{20 mm}", "from {1.5 kg}". */
const MARKED = /\{([-−]?\d+(?:\.\d+)?)(?:(-| to )(\d+(?:\.\d+)?))? (°C|K|mm|kg|g)\}/g;

const digitsOf = (text: string) => text.split(".")[1]?.length ?? 0;

/** A text of a table with its marked quantities in the house's units; both ends of a range share the unit. */
export const marked = (text: string, format: Pick<Format, "quantity">): string =>
  text.replace(MARKED, (_, from: string, between: string | undefined, to: string | undefined, unit: string) => {
    const shown = (figure: string) =>
      format.quantity({
        unit: unit as Quantity["unit"],
        value: Number(figure.replace("−", "-")),
        digits: digitsOf(figure),
      });
    if (between === undefined || to === undefined) return shown(from);
    const last = shown(to);
    const ofUnit = last.slice(last.lastIndexOf(" "));
    return `${shown(from).replace(ofUnit, "")}${between}${last}`;
  });
