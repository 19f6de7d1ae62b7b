import type { CureMethod, CureRequest } from "@/core/cure";
import type { Species } from "@/core/species";

/** What the bench asks; salt and sugar by the kilo, as cooks weigh them. */
export type CureAsk = {
  readonly speciesId: string;
  readonly massG: number;
  readonly thicknessMm: number;
  readonly skin: boolean;
  readonly method: CureMethod;
  readonly targetSaltPct: number;
  readonly saltPerKg: number;
  readonly sugarPerKg: number;
  readonly brinePct: number;
  readonly waterPerFish: number;
  readonly placeC: number;
};

export const firstCure = (thicknessMm: number): CureAsk => ({
  speciesId: "ocean-trout",
  massG: 900,
  thicknessMm,
  skin: true,
  method: "dry",
  targetSaltPct: 2.5,
  saltPerKg: 40,
  sugarPerKg: 20,
  brinePct: 10,
  waterPerFish: 2,
  placeC: 3,
});

/** The question to the core. */
export function cureRequest(ask: CureAsk, species: Species): CureRequest {
  const { speciesId: _id, saltPerKg, sugarPerKg, waterPerFish, ...rest } = ask;
  return {
    ...rest,
    species,
    saltG: (saltPerKg * ask.massG) / 1000,
    sugarG: (sugarPerKg * ask.massG) / 1000,
    brineWaterG: waterPerFish * ask.massG,
  };
}
