import type { Anatomy, Species } from "@/core/species";
import { PANS, STATION } from "../model";
import { kitOf, methodOf, type MethodId } from "../methods";
import { facesM2, shapeFor, USUAL_FILLING, type PieceShape } from "../model";
import { canBeDone, waysAtSight } from "./rank";
import type { AskedGoal } from "./request";
import { TEMPERED_C, usualGoal, usualPiece, usualSchool, type UsualPiece } from "./usual";

/** What the stove opens with: the animal's everyday way, its own doneness, as many as go in together. */
export type Opening = UsualPiece & {
  readonly methodId: MethodId;
  readonly schoolId: string | null;
  readonly goal: AskedGoal;
  readonly pieces: number;
};

/** What usually goes in together at most (common practice). */
const MOST_AT_ONCE: Readonly<Record<PieceShape["kind"], number>> = {
  slab: 4,
  cylinder: 6,
  puck: 6,
  tube: 4,
  sphere: 40,
};

/** Whole animals by the pot, not by the handful. */
const MOST_OF_BUILD: Partial<Readonly<Record<Anatomy, number>>> = {
  crab: 2,
  "leg-crab": 4,
  lobster: 4,
  "spiny-lobster": 4,
};

/** Ways tried before the first is taken as it is. */
const TRIED = 4;
/** How many of these the method's pan takes without crowding; as many as are usual where nothing lies on metal. */
function fitting(species: Species, piece: UsualPiece, methodId: MethodId, shape: PieceShape): number {
  const method = methodOf(methodId);
  const body = {
    shape,
    group: species.donenessGroup,
    composition: species.compositionPct,
    filling: shape.kind === "tube" ? USUAL_FILLING : null,
    skin: piece.skin,
    startC: piece.startC,
    massG: piece.massG,
    coatMm: 0,
  };
  const school = method.schools[0]?.id ?? "";
  const stages = method.build({ piece: body, kit: kitOf(method, school), pan: PANS[0], school });
  const base = Math.max(...stages.map(({ vessel }) => vessel?.baseM2 ?? 0));
  const most = MOST_OF_BUILD[species.anatomy] ?? MOST_AT_ONCE[shape.kind];
  if (base === 0) return most;
  const [face, , around] = facesM2(body);
  const coveredM2 = face > 0 ? face : around / Math.PI;
  return Math.max(1, Math.min(most, Math.floor((STATION.crowdedShare * base) / coveredM2)));
}

/** What the stove opens with for this animal, or for this very piece of it. */
export function openingOf(species: Species, known: Partial<UsualPiece> = {}, available = Infinity): Opening {
  const said = Object.fromEntries(Object.entries<unknown>(known).filter(([, value]) => value !== undefined));
  const piece: UsualPiece = { ...usualPiece(species, known.form), ...said };
  const shape = shapeFor(piece.shape, piece.sizeMm, piece.massG, species.compositionPct);
  const asked = { species, shape, skin: piece.skin, form: piece.form };
  const ways = waysAtSight(asked);
  const wayWith = (methodId: MethodId) => {
    const goal = usualGoal(species, methodId, piece.form);
    const startC = known.startC ?? (goal.kind === "rim" ? TEMPERED_C : piece.startC);
    return { methodId, goal, startC, schoolId: usualSchool(methodId, piece.sizeMm) };
  };
  const done = ways.slice(0, TRIED).find((id) => {
    const { schoolId, ...way } = wayWith(id);
    const school = schoolId === null ? {} : { schoolId };
    // which rule set judges it has no part in whether it can be done
    return canBeDone({ ...asked, ...way, ...school, pieceG: piece.massG, ruleSetId: "fda-2022" });
  });
  const { methodId, ...way } = wayWith(done ?? ways[0]);
  return {
    ...piece,
    ...way,
    methodId,
    pieces: Math.min(available, fitting(species, piece, methodId, shape)),
  };
}
