export { DONENESS_LABELS, TARGET_DONENESS, USUAL_DONENESS, type DonenessId, type TargetDoneness } from "./data/bands";
export { OUTCOME_LABELS, outcomeLabel, type OutcomeId } from "./data/outcomes";
export { bandAt, bandsOf, readsLikeC, stateAt, targetCentreC, type Band } from "./doneness";
