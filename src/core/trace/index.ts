export {
  checkChain,
  GENESIS_HASH,
  LEDGER_LABELS,
  sealedText,
  type ChainCheck,
  type LedgerBody,
  type LedgerEntry,
  type LedgerKind,
} from "./ledger";
export {
  adviceFor,
  allergensOf,
  completeness,
  type AdviceRating,
  type Completeness,
  type MissingFact,
  type Provenance,
  type TraceFacts,
} from "./provenance";
