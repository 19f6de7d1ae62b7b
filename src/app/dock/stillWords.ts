import type { StillToLookAt } from "@/core/freshness";

/** What lacks for a verdict, as a cook says it. */
export const stillWords = (still: readonly StillToLookAt[]): string =>
  still
    .map((one) => {
      switch (one.kind) {
        case "sign":
          return one.attribute.label.toLowerCase();
        case "celsius":
          return "the temperature";
        case "deaths":
          return "a count of the dead";
      }
    })
    .join(", ");
