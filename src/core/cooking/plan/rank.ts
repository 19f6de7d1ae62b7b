import { assert, inMm, said, type Said, saidList } from "@/core/shared";
import type { DonenessGroup } from "@/core/species";
import { placeAmong } from "../methods";
import { findTimes } from "./findTimes";
import type { CookForm, Method, MethodId } from "../methods";
import { governingMm } from "../model";
import { heatSecondsOf } from "./practiceFit";
import { cookFormOf, jobOf, type CookRequest } from "./request";
import { refusalOf } from "./warnings";
import { suitsGroup, waysFor } from "../methods";

/** How a method suits a piece, and what it would take. */
export type MethodFit = {
  readonly methodId: MethodId;
  readonly score: number;
  readonly reason: Said;
  /** Seconds on the heat; null where it cannot be done. */
  readonly heatS: number | null;
  readonly refusal: Said | null;
};

type Asked = Pick<CookRequest, "species" | "shape" | "skin"> & { readonly form: CookForm };

function suitability(method: Method, request: Asked, group: DonenessGroup): { score: number; reasons: Said[] } {
  const { suits } = method;
  const sizeMm = governingMm(request.shape);
  const [fromMm, toMm] = suits.thicknessMm;
  const reasons: Said[] = [];
  let score = 0;
  const listed = placeAmong(request.species.usualMethods, method.id);
  if (listed >= 0) {
    // what the table names first is what it is bought for
    score += Math.max(1.5, 4 - 0.7 * listed);
    reasons.push(said("plan.usualForThisFish"));
  }
  // a way made for this kind of animal before one that suits many
  if (suitsGroup(method, group)) score += 2 + 1 / suits.groups.length;
  else if (listed < 0) reasons.push(said("plan.seldomDoneWithIt"));
  // a way that wants its own reason does not come first by its size alone
  if (method.special && listed < 0) score -= 0.8;
  if (sizeMm < fromMm) {
    score -= 3 * (1 - sizeMm / fromMm) + 0.5;
    reasons.push(said("plan.thinForItFromAndUp", { from: inMm(fromMm, 0) }));
  } else if (sizeMm > toMm) {
    score -= 3 * (sizeMm / toMm - 1) + 0.5;
    reasons.push(said("plan.thickForItUpToTo", { to: inMm(toMm, 0) }));
  } else {
    score += 1;
    // the middle of its range before the ends
    score += 1 - Math.abs((2 * sizeMm - fromMm - toMm) / (toMm - fromMm));
    reasons.push(said("plan.sizeIsInItsRange", { size: inMm(sizeMm, 0) }));
  }
  if (suits.skin === "needed" && !request.skin) {
    score -= 2;
    reasons.push(said("plan.wantsTheSkinOn"));
  }
  if (suits.skin === "needed" && request.skin) score += 0.5;
  if (suits.skin === "off" && request.skin) {
    score -= 1;
    reasons.push(said("plan.skinOffFirst"));
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
  const asked = { ...request, form: cookFormOf(request) };
  return waysFor(asked)
    .map((method): MethodFit => {
      const { score, reasons } = suitability(method, asked, group);
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
      return { methodId: method.id, score, reason: saidList(reasons, "then"), heatS, refusal: null };
    })
    .sort((a, b) => b.score - a.score);
}

/** Ways in the order they suit at sight, before anything is computed: what the animal is bought for first. */
export function waysAtSight(asked: Asked): readonly [MethodId, ...MethodId[]] {
  const { species, shape } = asked;
  const [first, ...others] = waysFor(asked)
    .map((method) => ({ id: method.id, score: suitability(method, asked, species.donenessGroup).score }))
    .sort((a, b) => b.score - a.score)
    .map(({ id }) => id);
  assert(first !== undefined, `no way to cook ${species.id} as ${asked.form}, ${shape.kind}`);
  return [first, ...others];
}

/** Whether a way can be done as asked: its times are found and nothing refuses it. */
export function canBeDone(request: CookRequest): boolean {
  const job = jobOf(request);
  const found = findTimes(job, undefined, true);
  return found.ok && refusalOf(job, found.value.programme.outcome(found.value.seconds), null) === null;
}
