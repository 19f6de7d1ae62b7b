import { clamp } from "@/core/numeric";
import { freezingMaterial, materialOf, type Material } from "@/core/heat";
import { FLESH_FREEZES_C, massFractions, propertiesOf, type Composition } from "@/core/matter";
import { assertNever } from "@/core/shared";
import type { DonenessGroup } from "@/core/species";

/** Bodies the stove computes. A tube is a wall around a filling. */
export type PieceShape =
  | { readonly kind: "slab"; readonly thicknessMm: number }
  | { readonly kind: "cylinder"; readonly diameterMm: number }
  | { readonly kind: "sphere"; readonly diameterMm: number }
  | { readonly kind: "puck"; readonly diameterMm: number; readonly heightMm: number }
  | { readonly kind: "tube"; readonly diameterMm: number; readonly wallMm: number };

/** One piece as it goes to the heat. */
export type StovePiece = {
  readonly shape: PieceShape;
  readonly group: DonenessGroup;
  readonly composition: Composition;
  /** Inside a tube. */
  readonly filling: Composition | null;
  readonly skin: boolean;
  readonly startC: number;
  readonly massG: number;
  /** Crumb, flour or a wrapping already dry on the outside, mm. */
  readonly coatMm: number;
};

/** Farce of fish, crumb and herbs (common practice, low). */
export const USUAL_FILLING: Composition = { water: 66, protein: 14, fat: 6, carbohydrate: 12, ash: 2 };

/** What decides how long heat takes: thickness of a slab, diameter of a round piece, the shorter way of a puck, mm. */
export function governingMm(shape: PieceShape): number {
  switch (shape.kind) {
    case "slab":
      return shape.thicknessMm;
    case "puck":
      return Math.min(shape.heightMm, shape.diameterMm);
    case "cylinder":
    case "sphere":
    case "tube":
      return shape.diameterMm;
    default:
      return assertNever(shape);
  }
}

/** The same piece with its governing size changed; a puck keeps its proportions. */
export function resized(shape: PieceShape, governing: number): PieceShape {
  const factor = governing / governingMm(shape);
  switch (shape.kind) {
    case "slab":
      return { ...shape, thicknessMm: governing };
    case "puck":
      return { ...shape, diameterMm: shape.diameterMm * factor, heightMm: shape.heightMm * factor };
    case "tube":
      return { ...shape, diameterMm: governing, wallMm: shape.wallMm * factor };
    case "cylinder":
    case "sphere":
      return { ...shape, diameterMm: governing };
    default:
      return assertNever(shape);
  }
}

/** Mean thickness of a portion against its thickest point (estimate), to turn grams into a face on the pan. */
const MEAN_TO_THICKEST = 0.8;

/** Faces of one piece, m²: first down, second, around. */
export function facesM2({ shape, composition, massG }: StovePiece): readonly [number, number, number] {
  const volumeM3 = massG / 1000 / propertiesOf(composition, 20).densityKgPerM3;
  switch (shape.kind) {
    case "slab": {
      const face = volumeM3 / ((shape.thicknessMm * MEAN_TO_THICKEST) / 1000);
      return [face, face, 0];
    }
    case "puck": {
      const [diameterM, heightM] = [shape.diameterMm / 1000, shape.heightMm / 1000];
      const disc = (Math.PI / 4) * diameterM ** 2;
      return [disc, disc, Math.PI * diameterM * heightM];
    }
    case "cylinder":
    case "tube":
      return [0, 0, (4 * volumeM3) / (shape.diameterMm / 1000)];
    case "sphere":
      return [0, 0, (6 * volumeM3) / (shape.diameterMm / 1000)];
    default:
      return assertNever(shape);
  }
}

export const waterKgPerM3 = (composition: Composition): number =>
  massFractions(composition).water * propertiesOf(composition, 20).densityKgPerM3;

export const startsFrozen = ({ startC }: StovePiece): boolean => startC < FLESH_FREEZES_C;

const materials = new WeakMap<Composition, { fresh?: Material; frozen?: Material }>();

/** Property tables are kept with their composition: a search asks for the same flesh again and again. */
export function materialFor(composition: Composition, frozen: boolean): Material {
  const known = materials.get(composition) ?? {};
  materials.set(composition, known);
  if (frozen) return (known.frozen ??= freezingMaterial(composition, FLESH_FREEZES_C));
  return (known.fresh ??= materialOf(composition));
}

/** Wall of a stuffed tube where nobody measured it, mm (common practice). */
const USUAL_WALL_MM = 6;

/** The shape of a piece of a kind, given what decides its time, mm, and its mass. A short round piece gets its width from the mass. */
export function shapeFor(
  kind: PieceShape["kind"],
  sizeMm: number,
  massG: number,
  composition: Composition,
): PieceShape {
  switch (kind) {
    case "slab":
      return { kind, thicknessMm: sizeMm };
    case "cylinder":
    case "sphere":
      return { kind, diameterMm: sizeMm };
    case "tube":
      return { kind, diameterMm: sizeMm, wallMm: Math.min(USUAL_WALL_MM, 0.3 * sizeMm) };
    case "puck": {
      const volumeMm3 = (massG / propertiesOf(composition, 20).densityKgPerM3) * 1e6;
      const diameterMm = Math.sqrt((4 * volumeMm3) / (Math.PI * sizeMm));
      return { kind, diameterMm: clamp(diameterMm, 8, 120), heightMm: sizeMm };
    }
    default:
      return assertNever(kind);
  }
}
