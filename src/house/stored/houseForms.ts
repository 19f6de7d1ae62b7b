import { z } from "zod";
import type { SheetRequest, SheetRow } from "@/core/cooking";
import type { HouseSpecies } from "@/core/species";
import { storedForm } from "./form";
import { Question } from "./planForm";
import { Spoken, word } from "./parts";

export const HOST_NAMES = storedForm<readonly string[]>("the names of the house on the network", z.array(z.string()));

export const OWN_SPECIES = storedForm<HouseSpecies>(
  "a species of the house",
  z.looseObject({
    id: z.string(),
    name: z.string(),
    scientificName: z.string(),
    family: z.string().nullable().exactOptional(),
    marketNames: z.array(z.looseObject({ language: z.string(), name: z.string() })),
    likeId: z.string(),
    iceLifeDays: z.number(),
    skinlessPct: z.number(),
    histamineFormer: z.enum(["yes", "no", "some"]),
    rawUse: z.enum(["usual", "seldom", "cured-only", "none"]),
  }),
);

export const SHEET_QUESTION = storedForm<SheetRequest>(
  "the question of a station sheet",
  Question as unknown as z.ZodType<SheetRequest>,
);

const figure = z.number().nullable();

export const SHEET_ROWS = storedForm<readonly SheetRow[]>(
  "the lines of a station sheet",
  z.array(
    z.looseObject({
      thicknessMm: z.number(),
      stages: z.array(z.looseObject({ name: z.string(), seconds: z.number() })),
      pullC: figure,
      peakC: figure,
      earlyS: figure,
      lateS: figure,
      band: word<NonNullable<SheetRow["band"]>>().nullable(),
      refusal: Spoken.nullable(),
    }),
  ),
);

/** How a cook went against its plan, before and after the station learned from it. */
export type FitResidual = { readonly timeS: number; readonly beforeK: number; readonly afterK: number };
export const RESIDUALS = storedForm<readonly FitResidual[]>(
  "what a fit was learned from",
  z.array(z.looseObject({ timeS: z.number(), beforeK: z.number(), afterK: z.number() })),
);
