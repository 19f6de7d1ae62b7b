import { speciesRows } from "../rows";

/** Sources of each column in `SPECIES_SOURCES`; every figure is recalled (`memory`) with the confidence of its row. */
export const ROE = speciesRows("roe", [
  {
    id: "trout-roe",
    name: "Trout roe",
    names:
      "fr:œufs de truite|it:uova di trota|es:huevas de trucha|pt:ovas de truta|de:Forellenkaviar|nl:forelkuit|nl:forelkaviaar|sv:forellrom|sv:regnbågsrom|no:ørretrogn|ja:masuko",
    scientificName: "Oncorhynchus mykiss",
    family: "Salmonidae",
    faoCode: "TRR",
    flesh: "white",
    donenessGroup: "scallop",
    compositionPct: { water: 67.7, protein: 22.3, fat: 6.4, carbohydrate: 1.5, ash: 2.0 },
    portion: { shape: "sphere", thicknessMm: 4, massG: 10 },
    yield: {
      basis: "skein to loose eggs; salted in the jar 100 %",
      dressed: "headed",
      skinOnFilletPct: null,
      skinlessPct: 85,
    },
    iceLifeDays: 14,
    histamineFormer: "no",
    rawUse: "usual",
    parasiteNote: "Eggs taken from the skein and rinsed are outside the US freezing rule; farmed fish low.",
    kitchenNote:
      "Composition is raw mixed roe (USDA); salted, as sold, about 60/26/9/4/1 with 2.5-4 % salt. Count it in the salt of the dish. Cooking turns it white and rubbery.",
    usualDoneness: "Raw or salted; add off the heat",
    usualCentreC: null,
    usualMethods: ["raw garnish", "on butter sauce off the heat", "cured in brine", "on potato or toast"],
    confidence: "low",
  },
]);
