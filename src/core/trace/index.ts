export {
  checkChain,
  GENESIS_HASH,
  LEDGER_LABELS,
  sealedText,
  type ChainCheck,
  type LedgerBody,
  type LedgerEntry,
  type LedgerKind,
  type Subject,
  type SubjectKind,
} from "./ledger";
export {
  adviceFor,
  completeness,
  type AdviceRating,
  type Completeness,
  type MissingFact,
  type Provenance,
  type TraceFacts,
} from "./provenance";
export { allergensOf, namedAllergens, type NamedAllergens } from "./allergens";
export { both, potOf, spread, type Certainty, type Flow, type Reached } from "./spread";
