import { planCuts, planSides, sidesPlanner, startingSide, type SidesRequest } from "@/core/block";
import { planSheet, rankSheet, sheetRows, type SheetRequest } from "@/core/cooking";
import { planCure, type CureRequest } from "@/core/cure";
import { planFreezing, type FreezeRequest } from "@/core/raw";
import { findSpecies } from "@/core/species";
import { add, char, fastest, median } from "./measure";

const question: SheetRequest = {
  speciesId: char.id,
  methodId: "skin-then-oven",
  kit: { panC: 200, ovenC: 180 },
  shape: { kind: "slab", thicknessMm: 26 },
  thinnestMm: 23,
  thickestMm: 28,
  skin: true,
  startC: 8,
  panId: "steel-26",
  goal: { kind: "doneness", targetC: 48 },
  pieces: 4,
  pieceG: 160,
  ruleSetId: "eu-853",
};

const scallop: SheetRequest = {
  ...question,
  speciesId: "king-scallop",
  methodId: "scallop-sear",
  schoolId: "steaming-butter",
  kit: {},
  shape: { kind: "puck", diameterMm: 40, heightMm: 25 },
  thinnestMm: 25,
  thickestMm: 25,
  skin: false,
  startC: 12,
  goal: { kind: "doneness", targetC: 50 },
  pieceG: 33,
};

/** What a calliper or a knife asks for while it moves. */
export function plan(): void {
  stovePlans();
  cutPlans();
}

function stovePlans(): void {
  add(
    "one cook plan, arctic char 26 mm",
    fastest(() => planSheet(question), 60),
    "target",
    15,
  );
  add(
    "the same from frozen",
    fastest(() => planSheet({ ...question, startC: -18 }), 20),
    "target",
    80,
  );
  add(
    "one plan of a short cylinder, in two dimensions",
    fastest(() => planSheet(scallop), 20),
    "target",
    60,
  );
  const thirty = Array.from({ length: 30 }, (_, index) => 8 + 1.8 * index);
  const sheet = () => {
    const found = sheetRows(question, thirty);
    return found.ok ? [...found.value] : [];
  };
  add("station sheet of 30 thicknesses", median(sheet, 7), "target", 1500);
  add(
    "every way to cook it, ranked",
    median(() => rankSheet(question), 7),
    "a quarter of a second in the worker",
    250,
  );
}

function cutPlans(): void {
  const side = startingSide(char, 1100);
  const cut = () => planCuts({ side, portionG: 160, toleranceG: 10, minPieceMm: 25 });
  add("one cut plan", median(cut), "one frame at 60 Hz", 1000 / 60);
  const ask: SidesRequest = {
    sides: [side],
    portionG: 160,
    toleranceG: 10,
    minPieceMm: 25,
    covers: null,
    preference: "even",
    leanDeg: 0,
    tails: "as-cut",
    trimUse: "cakes",
  };
  const frame = 1000 / 60;
  add(
    "the same by the bench",
    median(() => planSides(ask)),
    "one frame at 60 Hz",
    frame,
  );
  add(
    "the same on the bias",
    median(() => planSides({ ...ask, leanDeg: 45 })),
    "one frame at 60 Hz",
    frame,
  );
  const dragged = sidesPlanner();
  const others = [900, 1000, 1050].map((massG) => ({ ...side, massG }));
  let massG = 1100;
  add(
    "one of four sides dragged, 16 covers",
    median(() => dragged({ ...ask, sides: [...others, { ...side, massG: massG++ }], covers: 16 })),
    "one frame at 60 Hz",
    frame,
  );
}

/** Freezing and curing. */
export function raw(): void {
  const mackerel = findSpecies("mackerel")!;
  const pack: FreezeRequest = {
    composition: mackerel.compositionPct,
    shape: "slab",
    thicknessMm: 25,
    layers: 1,
    wrap: "bag",
    freezer: "blast",
    airC: -36,
    startC: 3,
    ruleId: "eu-853",
  };
  add(
    "one freezing plan, 25 mm",
    median(() => planFreezing(pack), 7),
    "a second in the worker",
    1000,
  );
  const cure: CureRequest = {
    species: char,
    massG: 900,
    thicknessMm: 25,
    skin: true,
    method: "dry",
    targetSaltPct: 2.5,
    saltG: 40,
    sugarG: 20,
    brineWaterG: 900,
    brinePct: 10,
    placeC: 3,
  };
  add(
    "one cure plan, 25 mm",
    median(() => planCure(cure), 7),
    "a tenth of a second",
    100,
  );
}
