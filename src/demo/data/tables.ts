import type { HouseSpecies } from "@/core/species";
import type { NewAdvice } from "@/db/house/advice";

/** An invented adviser; no rating here says anything of real stocks. */
const BODY = "Skerry Advice Board";

export const ADVICE: readonly NewAdvice[] = [
  {
    speciesId: "cod",
    production: "wild",
    area: "27.4.a",
    gear: "Longline",
    body: BODY,
    rating: "best",
    issuedOn: "2026-03-02",
  },
  {
    speciesId: "cod",
    production: "wild",
    area: "",
    gear: "Trawl",
    body: BODY,
    rating: "acceptable",
    issuedOn: "2026-03-02",
  },
  {
    speciesId: "mackerel",
    production: "wild",
    area: "",
    gear: "Hook and line",
    body: BODY,
    rating: "best",
    issuedOn: "2026-02-11",
  },
  {
    speciesId: "arctic-char",
    production: "farmed",
    area: "",
    gear: "Land tank",
    body: BODY,
    rating: "best",
    issuedOn: "2026-01-20",
  },
  {
    speciesId: "king-scallop",
    production: "wild",
    area: "",
    gear: "By hand",
    body: BODY,
    rating: "best",
    issuedOn: "2026-02-11",
  },
  {
    speciesId: "king-scallop",
    production: "wild",
    area: "",
    gear: "Dredge",
    body: BODY,
    rating: "avoid",
    issuedOn: "2026-02-11",
  },
  {
    speciesId: "monkfish",
    production: "wild",
    area: "",
    gear: "Gillnet",
    body: BODY,
    rating: "acceptable",
    issuedOn: "2026-03-02",
  },
];

export const TUSK: HouseSpecies = {
  id: "own-tusk",
  name: "Tusk",
  scientificName: "Brosme brosme",
  marketNames: [
    { language: "no", name: "brosme" },
    { language: "sv", name: "lubb" },
    { language: "de", name: "Lumb" },
    { language: "fr", name: "brosme" },
  ],
  likeId: "ling",
  iceLifeDays: 12,
  skinlessPct: 45,
  histamineFormer: "no",
  rawUse: "none",
};

export const TOMORROW = [
  { speciesId: "arctic-char", use: "cook", covers: 14, portionG: 160 },
  { speciesId: "mackerel", use: "raw", covers: 12, portionG: 70 },
  { speciesId: "cod", use: "cook", covers: 18, portionG: 170 },
  { speciesId: "sea-bass", use: "cook", covers: 30, portionG: 150 },
] as const;
