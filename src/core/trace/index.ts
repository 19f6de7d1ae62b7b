export {
  CHAIN_START,
  checkChain,
  GENESIS_HASH,
  isKind,
  LEDGER_LABELS,
  sealedText,
  type ChainCheck,
  type ChainEnd,
  type LedgerBody,
  type LedgerEntry,
  type LedgerEntryOf,
  type LedgerHead,
  type LedgerKind,
  type Subject,
  type SubjectKind,
  type Told,
} from "./ledger";
export type { LedgerPayloads } from "./payloads";
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
export type { StateCheck, TableSum } from "./stateCheck";
export { leastSure, potOf, spread, type Certainty, type Flow, type Reached } from "./spread";
