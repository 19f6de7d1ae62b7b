export { assert, assertNever } from "./assert";
export { err, ok, type Result } from "./result";
export { stableJson } from "./stableJson";
export { groupBy } from "./groupBy";
export { factOf, type Fact } from "./fact";
