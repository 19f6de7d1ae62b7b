export { assert, assertNever } from "./assert";
export { err, ok, refuse, valueOf, type Refusal, type Result } from "./result";
export { stableJson } from "./stableJson";
export { groupBy } from "./groupBy";
export { keyed, keyedLater, tableTexts, textFor } from "./keyed";
export { factOf, type Fact } from "./fact";
export {
  inCelsius,
  inFigures,
  inGrams,
  inHours,
  inKelvin,
  inKilograms,
  inMillilitres,
  inMm,
  keyOfSaid,
  said,
  saidAsIs,
  saidList,
  type Quantity,
  type Said,
  type SaidValue,
} from "./said";
