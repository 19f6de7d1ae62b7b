import { said, type Said } from "@/core/shared";
import { carries, type Species } from "@/core/species";

export type BoneLot = {
  readonly species: Species;
  readonly row: { readonly verdict: string; readonly state: string };
  readonly life: { readonly use: string; readonly stockDaysLeft: number | null };
};

/**
 * Why the bones of a lot may not go into the pot; null: they may. Neither ciguatera nor histamine boils away and a glaze concentrates them,
 * and what is not known of a species never speaks for it (FDA Hazards Guide, ch. 6 and 7; memory, high).
 */
export function whyNoStock({ species, row, life }: BoneLot, held: boolean): Said | null {
  if (row.verdict !== "accept") return said("butter.bonesNotAccepted");
  if (held) return said("butter.bonesHeld");
  if (carries(species, "ciguatera") !== "no") return said("butter.bonesCiguatera");
  if (species.histamineFormer !== "no") return said("butter.bonesHistamine");
  if (life.use === "over" || (life.stockDaysLeft !== null && life.stockDaysLeft <= 0)) return said("butter.bonesOver");
  if (species.group !== "lean-round" && species.group !== "flat" && species.group !== "crustacean")
    return said("butter.bonesOily");
  return null;
}
