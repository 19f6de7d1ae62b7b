import type { UsualPiece } from "@/core/cooking";
import type { Species } from "@/core/species";
import { db } from "@/db/connection";
import { listOwnSpecies } from "@/db/house/species";
import type { CookAskInput } from "@/house/stove/cookAsk";
import { firstAsk } from "@/house/stove/firstAsk";
import { workOut } from "@/server/pool";

/** What a bench opens on, tried out in a thread; where none is free it opens on a thawed piece, which is tried at once. */
export async function firstInThread(
  species: Species,
  piece: Partial<UsualPiece>,
  available: number,
): Promise<CookAskInput> {
  const own = listOwnSpecies(db());
  const tried = await workOut("house", "first", { speciesId: species.id, piece, available, own });
  return tried.ok ? tried.value : firstAsk(species, {}, available);
}
