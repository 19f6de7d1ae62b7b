import { speciesRows } from "../rows";

/** Sources of each column in `SPECIES_SOURCES`; every figure is recalled (`memory`) with the confidence of its row. */
export const CEPHALOPODS = speciesRows("cephalopod", [
  {
    id: "squid",
    name: "European squid",
    names:
      "en:calamari|fr:encornet|fr:calmar|it:calamaro|es:calamar|pt:lula|de:Kalmar|nl:pijlinktvis|sv:tioarmad bläckfisk|sv:kalmar|no:blekksprut|ja:ika",
    scientificName: "Loligo vulgaris",
    family: "Loliginidae",
    faoCode: "SQR",
    flesh: "white",
    donenessGroup: "squid",
    compositionPct: { water: 78.6, protein: 15.6, fat: 1.4, carbohydrate: 3.1, ash: 1.4 },
    portion: { shape: "slab", thicknessMm: 6, massG: 130 },
    yield: {
      basis: "whole to cleaned tube, fins and tentacles, with skin and without",
      skinOnFilletPct: 75,
      skinlessPct: 68,
    },
    iceLifeDays: 8,
    histamineFormer: "no",
    rawUse: "usual",
    parasiteNote:
      "Wild: Anisakis possible in the mantle, most in flying squids; freeze before raw use (molluscan shellfish exemption does not cover it).",
    kitchenNote:
      "Ink sac 1-2 g per animal. Either seconds or an hour: between is rubber. Longfin and market squids (Doryteuthis) are used alike.",
    usualDoneness: "55-60 °C for seconds, opaque; or braised at 90-95 °C until a knife slides in",
    usualCentreC: [55, 60],
    usualMethods: ["plancha", "fry", "grill", "stuff and braise", "crudo in ribbons", "ink stew"],
    confidence: "high",
  },
  {
    id: "cuttlefish",
    name: "Cuttlefish",
    names:
      "fr:seiche|fr:sépia|it:seppia|es:sepia|es:jibia|es:choco|pt:choco|de:Sepia|de:Tintenfisch|nl:zeekat|sv:sepiabläckfisk|ja:kō ika",
    scientificName: "Sepia officinalis",
    family: "Sepiidae",
    faoCode: "CTC",
    flesh: "white",
    donenessGroup: "squid",
    compositionPct: { water: 80.6, protein: 16.2, fat: 0.7, carbohydrate: 0.8, ash: 1.7 },
    portion: { shape: "slab", thicknessMm: 10, massG: 130 },
    yield: { basis: "whole to cleaned meat with and without skin", skinOnFilletPct: 62, skinlessPct: 56 },
    iceLifeDays: 9,
    histamineFormer: "no",
    rawUse: "usual",
    parasiteNote: "Wild: Anisakis possible; freeze before raw use.",
    kitchenNote:
      "Most ink of all: sac 3-8 g. Cuttlebone out through the back. Thicker and sweeter than squid; score it. Freezing tenderises.",
    usualDoneness: "55-60 °C for seconds; or braised at 90-95 °C 30-60 min",
    usualCentreC: [55, 60],
    usualMethods: ["plancha", "ink risotto or stew", "fry", "grill", "raw thin strips", "braise"],
    confidence: "high",
  },
  {
    id: "octopus",
    name: "Common octopus",
    names:
      "fr:poulpe|fr:pieuvre|it:polpo|es:pulpo|pt:polvo|de:Krake|de:Oktopus|nl:octopus|nl:achtarm|sv:åttaarmad bläckfisk|no:åttearmet blekksprut|ja:madako",
    scientificName: "Octopus vulgaris",
    family: "Octopodidae",
    faoCode: "OCC",
    flesh: "white",
    donenessGroup: "octopus",
    compositionPct: { water: 80.3, protein: 14.9, fat: 1.0, carbohydrate: 2.2, ash: 1.6 },
    portion: { shape: "cylinder", thicknessMm: 30, massG: 120 },
    yield: {
      basis: "whole to cleaned raw; cooked loss is 45-55 % of that, so whole to cooked is about 42 %",
      skinOnFilletPct: null,
      skinlessPct: 85,
    },
    iceLifeDays: 7,
    histamineFormer: "no",
    rawUse: "none",
    parasiteNote: "Wild: freeze before raw or barely cooked use.",
    kitchenNote:
      "portion_g is cooked. Freezing at -20 °C for some days tenderises. True octopus has two rows of suckers; musky ones have one.",
    usualDoneness: "90-95 °C simmer 40-75 min until a skewer slides in the thick arm, then warm through",
    usualCentreC: [55, 60],
    usualMethods: ["simmer and grill", "simmer and slice", "braise", "salad", "carpaccio (pressed)", "confit"],
    confidence: "high",
  },
]);
