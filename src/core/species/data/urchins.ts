import { speciesRows } from "../rows";

/** Sources of each column in `SPECIES_SOURCES`; every figure is recalled (`memory`) with the confidence of its row. */
export const URCHINS = speciesRows("echinoderm", [
  {
    id: "sea-urchin",
    name: "Sea urchin",
    names:
      "en:uni|fr:oursin|it:riccio di mare|es:erizo de mar|pt:ouriço-do-mar|de:Seeigel|nl:zee-egel|sv:sjöborre|no:kråkebolle|ja:uni",
    scientificName: "Paracentrotus lividus",
    family: "Parechinidae",
    faoCode: "URM",
    flesh: "white",
    donenessGroup: "scallop",
    compositionPct: { water: 73.8, protein: 16.0, fat: 4.8, carbohydrate: 3.3, ash: 2.1 },
    portion: { shape: "slab", thicknessMm: 6, massG: 25 },
    yield: { basis: "live whole to gonads, 4-15 % by season", skinOnFilletPct: null, skinlessPct: 8 },
    iceLifeDays: 3,
    histamineFormer: "no",
    rawUse: "usual",
    parasiteNote: "None of note for live urchin roe; rinse in cold sea-strength water only.",
    kitchenNote:
      "Composition is the gonad, after a Japanese food table. Colour yellow to deep orange; bitter when spawned. Northern Strongylocentrotus is much used. Alum-set trays taste metallic.",
    usualDoneness: "Raw; in sauces warm below {60 °C}, never boil",
    usualCentreC: null,
    usualMethods: ["raw in the shell", "on toast", "sauce off the heat", "pasta", "custard"],
    confidence: "medium",
  },
  {
    id: "sea-cucumber",
    name: "Sea cucumber",
    names:
      "en:trepang (dried)|fr:concombre de mer|it:cetriolo di mare|es:pepino de mar|de:Seegurke|nl:zeekomkommer|ja:namako|zh:hǎishēn",
    scientificName: "Apostichopus californicus",
    family: "Stichopodidae",
    faoCode: null,
    flesh: "white",
    donenessGroup: "squid",
    compositionPct: { water: 90.0, protein: 6.8, fat: 0.3, carbohydrate: 0.5, ash: 2.3 },
    portion: { shape: "slab", thicknessMm: 8, massG: 120 },
    yield: { basis: "whole to cleaned", dressed: "other", skinOnFilletPct: null, skinlessPct: 40 },
    iceLifeDays: 3,
    anatomy: "sea-cucumber",
    histamineFormer: "no",
    rawUse: "seldom",
    parasiteNote: "None of note; the freezing rule of the US speaks of all fish.",
    kitchenNote: "Gutted and scraped; the muscle strips are eaten raw or fried, the wall is simmered for hours.",
    usualDoneness: "Strips in seconds; the wall simmered soft",
    usualCentreC: null,
    usualMethods: ["sashimi", "plancha", "braise"],
    confidence: "low",
  },
]);
