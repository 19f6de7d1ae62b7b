import { USUAL_ROOM_C, type PreparationStep } from "./prepared";

/**
 * A step as it is usually done, to begin with: brine of 5 % for 20 min, 1.2 % salt evened out in as much water as fish, three tenths of
 * the weight as stuffing, a coat of 1.5 mm, an hour in moving air, a quarter of an hour at 20 °C (common practice, low).
 */
export function usualStep(
  kind: PreparationStep["kind"],
  { massG, thicknessMm }: { readonly massG: number; readonly thicknessMm: number },
): PreparationStep {
  switch (kind) {
    case "brined":
      return { kind, brinePct: 5, minutes: 20 };
    case "evened":
      return { kind, targetPct: 1.2, waterPerFish: 1 };
    case "stuffed":
      return { kind, stuffingG: Math.round(massG * 0.3) };
    case "rolled":
      return { kind, lengthMm: 180, widthMm: 60 };
    case "tied":
      return { kind, widthMm: Math.round(2 * thicknessMm) };
    case "skewered":
      return { kind };
    case "breaded":
      return { kind, coatMm: 1.5 };
    case "dried":
      return { kind, minutes: 60 };
    case "tempered":
      return { kind, roomC: USUAL_ROOM_C, minutes: 15 };
  }
}
