import { houseFileHere, keepOpen } from "@/db/connection";
import { openForServer, type Trouble } from "@/db/trouble";

const shared = globalThis as typeof globalThis & { gaffelTrouble?: Trouble };

/** Opens the house for this server; what is in the way is kept for every page to say. */
export function openHouseHere(): Trouble | null {
  const opened = openForServer(houseFileHere());
  if (opened.ok) {
    keepOpen(opened.value);
    return null;
  }
  shared.gaffelTrouble = opened.error;
  return opened.error;
}

/** Why this server has no house; null: it has. */
export const houseTrouble = (): Trouble | null => shared.gaffelTrouble ?? null;
