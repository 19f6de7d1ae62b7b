import type { LotState } from "@/core/freshness";
import type { Species } from "@/core/species";

/** What decides where a lot goes: frozen and chilled by their cold, what is alive by what it is. */
export const placeKey = (group: Species["group"], state: LotState): string =>
  state === "live" ? `live ${group}` : state;
