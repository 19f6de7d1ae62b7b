export { alongLine, crossing, interpolate, type Point } from "./lines";
export { normalBelow, normalQuantile } from "./normal";
export { solvePositive } from "./positive";
export { bisect, greatestThatDoes, leastThatDoes, type Bracket } from "./search";
export { clamp, mean, sum, sumOf } from "./sums";
