import type { StillToLookAt } from "@/core/freshness";
import { t } from "@/words/dock";

/** What lacks for a verdict, as a cook says it. */
export const stillWords = (still: readonly StillToLookAt[]): string =>
  still
    .map((one) => {
      switch (one.kind) {
        case "sign":
          return one.attribute.label.toLowerCase();
        case "celsius":
          return t("theTemperature");
        case "deaths":
          return t("aCountOfTheDead");
      }
    })
    .join(", ");
