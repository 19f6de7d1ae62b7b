import type { DonenessGroup, Species } from "@/core/species";
import { findTimes } from "./findTimes";
import { METHODS, methodOf, type Method, type MethodId } from "./methods";
import { governingMm, type PieceShape } from "./piece";
import { heatSecondsOf } from "./practiceFit";
import { jobOf, type CookRequest } from "./request";
import { refusalOf } from "./warnings";

/** How a method suits a piece, and what it would take. */
export type MethodFit = {
  readonly methodId: MethodId;
  readonly score: number;
  readonly reason: string;
  /** Seconds on the heat; null where it cannot be done. */
  readonly heatS: number | null;
  readonly refusal: string | null;
};

export const suitsShape = (method: Method, shape: PieceShape): boolean => method.suits.shapes.includes(shape.kind);

function suitability(
  method: Method,
  request: Pick<CookRequest, "species" | "shape" | "skin">,
  group: DonenessGroup,
): { score: number; reasons: string[] } {
  const { suits } = method;
  const sizeMm = governingMm(request.shape);
  const [fromMm, toMm] = suits.thicknessMm;
  const reasons: string[] = [];
  let score = 0;
  const listed = request.species.usualMethods.findIndex((word) => suits.usual.test(word));
  if (listed >= 0) {
    // what the table names first is what it is bought for
    score += Math.max(1.5, 3 - 0.3 * listed);
    reasons.push("usual for this fish");
  }
  // a way made for this kind of animal before one that suits many
  if (suits.groups.includes(group)) score += 2 + 1 / suits.groups.length;
  else reasons.push("seldom done with it");
  if (sizeMm < fromMm) {
    score -= 3 * (1 - sizeMm / fromMm) + 0.5;
    reasons.push(`thin for it: ${Math.round(fromMm)} mm and up`);
  } else if (sizeMm > toMm) {
    score -= 3 * (sizeMm / toMm - 1) + 0.5;
    reasons.push(`thick for it: up to ${Math.round(toMm)} mm`);
  } else {
    score += 1;
    // the middle of its range before the ends
    score += 1 - Math.abs((2 * sizeMm - fromMm - toMm) / (toMm - fromMm));
    reasons.push(`${Math.round(sizeMm)} mm is in its range`);
  }
  if (suits.skin === "needed" && !request.skin) {
    score -= 2;
    reasons.push("wants the skin on");
  }
  if (suits.skin === "needed" && request.skin) score += 0.5;
  if (suits.skin === "off" && request.skin) {
    score -= 1;
    reasons.push("skin off first");
  }
  return { score, reasons };
}

/** The same question to another method, in that method's usual settings. */
function plainRequest({ schoolId: _school, kit: _kit, ...request }: CookRequest, methodId: MethodId): CookRequest {
  return { ...request, methodId };
}

/** Methods for this piece, the fittest first, each with its reason; those of another shape are left out. */
export function rankMethods(request: CookRequest): readonly MethodFit[] {
  const group = request.species.donenessGroup;
  return METHODS.filter((method) => suitsShape(method, request.shape))
    .map((method): MethodFit => {
      const { score, reasons } = suitability(method, request, group);
      const job = jobOf(plainRequest(request, method.id));
      const found = findTimes(job, undefined, true);
      if (!found.ok)
        return {
          methodId: method.id,
          score: score - 5,
          reason: found.error.message,
          heatS: null,
          refusal: found.error.message,
        };
      const outcome = found.value.programme.outcome(found.value.seconds);
      const refusal = refusalOf(job, outcome, null);
      const heatS = heatSecondsOf(outcome);
      if (refusal) return { methodId: method.id, score: score - 4, reason: refusal.why, heatS, refusal: refusal.why };
      return { methodId: method.id, score, reason: reasons.join("; "), heatS, refusal: null };
    })
    .sort((a, b) => b.score - a.score);
}

/** Where to begin before anything is computed: the station's everyday way for a fillet, else the one that suits at sight. */
export function everydayMethod(species: Species, shape: PieceShape, skin: boolean): MethodId {
  const everyday = methodOf("skin-then-oven");
  if (suitsShape(everyday, shape) && everyday.suits.groups.includes(species.donenessGroup) && governingMm(shape) >= 14)
    return everyday.id;
  const asked = { species, shape, skin };
  const [first] = METHODS.filter((method) => suitsShape(method, shape))
    .map((method) => ({ id: method.id, score: suitability(method, asked, species.donenessGroup).score }))
    .sort((a, b) => b.score - a.score);
  return first?.id ?? everyday.id;
}
