import { sumOf } from "@/core/numeric";
import type { Form } from "@/core/freshness";
import type { Species } from "@/core/species";
import type { Breakdown, Part } from "./anatomy";
import { FINFISH } from "./data/finfish";
import { SHELLFISH } from "./data/shellfish";
import { GUTTED_OF_WHOLE, HEADED_OF_GUTTED, shareOfForm } from "./cost";

const BREAKDOWNS: readonly Breakdown[] = [...FINFISH, ...SHELLFISH];

/** The ways this animal, come in this form, is broken down at the station; the usual one first. */
export const breakdownsFor = (species: Species, form: Form): readonly Breakdown[] =>
  BREAKDOWNS.filter(({ from, fits }) => from.includes(form) && fits(species)).sort(
    (a, b) => Number(b.usual) - Number(a.usual),
  );

export const findBreakdown = (id: string): Breakdown | undefined => BREAKDOWNS.find((one) => one.id === id);

const HEAD_PARTS = ["head", "collars", "cheeks"];

const GUTS: readonly Part[] = [
  {
    id: "roe-liver",
    label: "Roe and liver, when there are any",
    pct: [0, 3, 12],
    use: "sauce",
    form: "by-product",
    source: "common practice, low: by season",
  },
  {
    id: "guts",
    label: "Guts and gills",
    pct: [6, 11, 15],
    use: "waste",
    form: "by-product",
    source: "common practice, low",
  },
];

const scaled = (part: Part, factor: number): Part => ({
  ...part,
  pct: [part.pct[0] * factor, part.pct[1] * factor, part.pct[2] * factor],
});

const usualSum = (parts: readonly Part[]) => sumOf(parts, ({ pct }) => pct[1]);

/** What is usually not found again of what lay on the block: drip, slime, scales, %. */
export const usualLossPct = (parts: readonly Part[]): number => Math.max(0, 100 - usualSum(parts));

/**
 * Expected parts of what is on the block, % of its weight. Finfish tables stand for fish gutted head-on: a headed fish loses the parts of
 * its head, an ungutted one gains its guts, and the rest is rescaled. The species' own yield takes the place of the general one where its
 * row has it; what is left is shared by the other parts as before, so that the sum never passes 100.
 */
export function expectedParts(breakdown: Breakdown, species: Species, form: Form): readonly Part[] {
  const { parts } = breakdown;
  const kind = species.group === "salmonid" ? "salmonid" : "other";
  const basis = parts.map((one) => withSpecies(one, species));
  const fitted = basis.some((one, index) => one !== parts[index]) ? refit(parts, basis) : basis;
  if (form === "headed-gutted") {
    const left = fitted.filter(({ id }) => !HEAD_PARTS.includes(id));
    return capped(left.map((one) => scaled(one, 1 / HEADED_OF_GUTTED[kind])));
  }
  if (form === "whole-ungutted" && breakdown.from.includes("whole-gutted")) {
    const gutted = GUTTED_OF_WHOLE[kind];
    const room = (1 - gutted) * 100;
    const guts = GUTS.map((one) => scaled(one, Math.min(1, room / usualSum(GUTS))));
    return [...fitted.map((one) => scaled(one, gutted)), ...guts];
  }
  return fitted;
}

function withSpecies(one: Part, species: Species): Part {
  const printed =
    one.follows === "skin-on"
      ? species.yield.skinOnFilletPct
      : one.follows === "skinless"
        ? species.yield.skinlessPct
        : null;
  if (printed === null) return one;
  const usual =
    one.form === "side" || one.form === "fillet" ? 100 * shareOfForm(species, printed, "whole-gutted") : printed;
  return {
    ...scaled(one, usual / one.pct[1]),
    source: `${species.name}: species table (memory, ${species.mark.confidence.yield})`,
  };
}

/** The species' figure stands; the other parts share what is left in their old proportions, and what was lost stays lost. */
function refit(general: readonly Part[], own: readonly Part[]): readonly Part[] {
  const fixed = own.filter((one, index) => one !== general[index]);
  const others = own.filter((one, index) => one === general[index]);
  const lost = Math.max(0, 100 - usualSum(general));
  const room = 100 - lost - usualSum(fixed);
  const factor = Math.max(0.05, room / Math.max(1e-9, usualSum(others)));
  return capped(own.map((one) => (others.includes(one) ? scaled(one, factor) : one)));
}

/** Never more than the whole. */
function capped(parts: readonly Part[]): readonly Part[] {
  const sum = usualSum(parts);
  return sum <= 100 ? parts : parts.map((one) => scaled(one, 100 / sum));
}
