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
