import type { AnimalId } from "@/core/block";
import { CRAB, LANGOUSTINE, LOBSTER, SHRIMP } from "./crustaceans";
import { FLATFISH, MONKFISH, ROUND_FISH, SALMONID, SALMONID_SIDE, TUNA_LOIN } from "./fish";
import { CUTTLEFISH, MUSSEL, OCTOPUS, OYSTER, SCALLOP, SQUID } from "./molluscs";
import type { Drawing } from "./types";

export const DRAWINGS: Readonly<Record<AnimalId, Drawing>> = {
  "round-fish": ROUND_FISH,
  flatfish: FLATFISH,
  monkfish: MONKFISH,
  salmonid: SALMONID,
  "salmonid-side": SALMONID_SIDE,
  "tuna-loin": TUNA_LOIN,
  lobster: LOBSTER,
  crab: CRAB,
  langoustine: LANGOUSTINE,
  shrimp: SHRIMP,
  scallop: SCALLOP,
  oyster: OYSTER,
  "mussel-clam": MUSSEL,
  squid: SQUID,
  cuttlefish: CUTTLEFISH,
  octopus: OCTOPUS,
};
export { FRAME, type Drawing, type Region } from "./types";
