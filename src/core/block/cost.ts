import type { Form } from "@/core/freshness";
import type { Species } from "@/core/species";

/** White fish, whole to gutted 85 %, farmed salmon 90 % (Torry Advisory Note 17, memory, high and medium). */
const GUTTED_OF_WHOLE = { salmonid: 0.9, other: 0.85 } as const;
/** Gutted to headed and gutted: cod type 74 % (Torry Advisory Note 17), salmon 89 % (Crapo et al. 1993), memory, medium. */
const HEADED_OF_GUTTED = { salmonid: 0.89, other: 0.74 } as const;
/** Pin-bone line and squaring of what comes as meat already: 6 % off (common practice, medium). */
const READY_SHARE = 0.94;
/** Cleaning left on a side whose skin-on yield is not known (common practice, low). */
const SIDE_SHARE = 0.88;

/** Share of the weight bought that reaches the pan, skin off or picked, by the form it comes in. */
export function edibleShare({ yield: printed, group }: Species, form: Form): number {
  const kind = group === "salmonid" ? "salmonid" : "other";
  const ofBasis = (printed.skinlessPct ?? 100) / 100;
  const basisGutted = !/ungutted|whole|live|shell/i.test(printed.basis) || /gutted/i.test(printed.basis);
  switch (form) {
    case "whole-ungutted":
      return /ungutted/i.test(printed.basis) ? ofBasis : ofBasis * GUTTED_OF_WHOLE[kind];
    case "whole-gutted":
      return /ungutted/i.test(printed.basis) ? ofBasis / GUTTED_OF_WHOLE[kind] : ofBasis;
    case "headed-gutted":
      return basisGutted ? Math.min(0.95, ofBasis / HEADED_OF_GUTTED[kind]) : ofBasis;
    case "side":
      return printed.skinOnFilletPct === null ? SIDE_SHARE : ofBasis / (printed.skinOnFilletPct / 100);
    case "live":
    case "raw-whole":
    case "cooked":
    case "tails":
    case "sacs":
      return ofBasis;
    default:
      return READY_SHARE;
  }
}

export type EdibleCost = {
  readonly share: number;
  readonly centsPerEdibleKg: number;
  readonly centsPerPortion: number;
};

/** Price over yield, no credit for bones and trim: AP price / yield (common practice of costing). */
export function edibleCost(species: Species, form: Form, priceCentsPerKg: number): EdibleCost {
  const share = edibleShare(species, form);
  const centsPerEdibleKg = priceCentsPerKg / share;
  return { share, centsPerEdibleKg, centsPerPortion: (centsPerEdibleKg * species.portion.massG) / 1000 };
}
