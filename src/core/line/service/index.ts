export { guessOf, NEXT_COURSE_MIN, type CourseTimes, type Guess } from "./courses";
export { chanceInTime, chanceOfRun, keptSeconds, USUAL_SPREAD, type Run } from "./odds";
export { ovensMeet } from "./ovens";
export { movedTasks, priceOf, replan, type Replanned } from "./replan";
export { sharePans, type Pan, type PanPart, type PanReason, type WantedPieces } from "./sharePans";
