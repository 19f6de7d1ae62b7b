import { isCut } from "@/core/freshness";
import { clamp } from "@/core/numeric";
import type { Form, Species } from "@/core/species";
import type { Side, Station } from "./side";

/** Thickness and width along a side as shares of the thickest and widest point, thick end first (common practice, by eye). */
const OUTLINES: Readonly<Record<"round" | "flat", readonly (readonly [along: number, thick: number, wide: number])[]>> =
  {
    round: [
      [0, 0.72, 0.86],
      [0.25, 1, 1],
      [0.5, 0.9, 0.9],
      [0.75, 0.6, 0.68],
      [1, 0.22, 0.4],
    ],
    flat: [
      [0, 0.6, 0.55],
      [0.25, 1, 1],
      [0.5, 0.95, 0.95],
      [0.75, 0.7, 0.66],
      [1, 0.25, 0.25],
    ],
  };

/** Length against the thickest point: a first guess for the drawing, to be replaced by the ruler. */
const LENGTH_TO_THICKNESS = 18;

/** A side to start measuring from: the usual thickness of the species, its weight given, the outline of its kind. */
export function startingSide(species: Species, massG: number): Side {
  const { thicknessMm } = species.portion;
  const lengthMm = Math.round((LENGTH_TO_THICKNESS * thicknessMm) / 10) * 10;
  const widthMm = Math.round(lengthMm * 0.27);
  const outline = OUTLINES[species.group === "flat" ? "flat" : "round"];
  const profile = outline.map(([along, thick, wide]): Station => ({
    atMm: Math.round(along * lengthMm),
    thicknessMm: Math.round(thick * thicknessMm),
    widthMm: Math.round(wide * widthMm),
  }));
  return { lengthMm, massG, profile };
}

/** The same side with its stations spread evenly anew, `count` of them, read off the present profile. */
export function withStations(side: Side, count: number): Side {
  const at = (atMm: number): Station => {
    const after = side.profile.find((station) => station.atMm >= atMm) ?? side.profile.at(-1)!;
    const before = side.profile.findLast((station) => station.atMm <= atMm) ?? side.profile[0]!;
    const span = after.atMm - before.atMm;
    const part = span === 0 ? 0 : (atMm - before.atMm) / span;
    const between = (a: number, b: number) => Math.round(a + part * (b - a));
    return {
      atMm,
      thicknessMm: between(before.thicknessMm, after.thicknessMm),
      widthMm: between(before.widthMm, after.widthMm),
    };
  };
  const profile = Array.from({ length: count }, (_, index) => at(Math.round((index / (count - 1)) * side.lengthMm)));
  return { ...side, profile };
}

/** The side stretched to a new length, its stations moved along in proportion. */
export function withLength(side: Side, lengthMm: number): Side {
  const scale = lengthMm / side.lengthMm;
  return { ...side, lengthMm, profile: side.profile.map((station) => ({ ...station, atMm: station.atMm * scale })) };
}

/** Weighed beside its usual portions a side is not longer than six of them and a little, g. */
const MOST_PORTIONS = 6;
const A_LITTLE_G = 60;

/** What one side of a lot usually weighs, g: a whole fish gives two of its skin-on yield; what came cut is a side already. */
export function usualSideG({ yield: of, portion }: Species, form: Form, remainingG: number): number {
  const share = isCut(form) ? 1 : (of.skinOnFilletPct ?? of.skinlessPct ?? 50) / 200;
  return Math.round(
    clamp(Math.min(remainingG * share, MOST_PORTIONS * portion.massG + A_LITTLE_G), portion.massG, remainingG),
  );
}
