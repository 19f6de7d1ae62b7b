export { CITRUS_SCHOOLS, minutesToWhiten, WHITENING, whiteningAt, type Whitening } from "./acid";
export { SALT_DIFFUSIVITY, saltDiffusivity } from "./diffusivity";
export {
  equilibriumSaltG,
  EVEN_SHARE,
  keepingDays,
  planCure,
  soakInBrine,
  waterPhaseSaltPct,
  type CureMethod,
  type CurePlan,
  type CureRequest,
  type CureSample,
} from "./salting";
export { saltTakenUp, type SoakLeg } from "./soak";
export { SoluteSlab } from "./slab";
export { adviseSmoke, SMOKE_LIMITS, type SmokeAdvice } from "./smoke";
