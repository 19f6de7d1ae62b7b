import { inCelsius, said, type Said, inMm } from "@/core/shared";
import { bathVessel, panVessel, potVessel } from "../model";
import { cues, howItFeels, isBrowned, isThrough, nearlyThrough, type AtEnd } from "./cue";
import { onBars } from "./bars";
import { immersed, inOven, KITCHEN, knob, liquid, metal, oven, rest, sidesOf, stage, type Method } from "./method";
import { FINFISH, HOT_OIL, lineWords } from "./skinCrisp";

const PRACTICE = "common practice";
const STEAM_BURNS = said("methods.steamBurnsLiftTheLidAway");
const LIVE = said("methods.liveAnimalsChilledNumbOrStunned");

/** Two faces one after the other on the metal, with what each shows. */
const sideCue = (down: 0 | 1) =>
  down === 0
    ? cues(said("methods.itStillHoldsLeaveItUntil2"), [
        isBrowned,
        (end: AtEnd) => said("methods.endGoldItLetsGo", { end: lineWords(end) }),
      ])
    : cues(said("methods.goldBelowTheMiddleStillGlassy"), [nearlyThrough, said("methods.goldOnBothSidesOpaqueAt")]);

/** Ways every station has: pan and butter, bars, hot plate, pot, oil, smoke, salt. */
export const MORE_METHODS: readonly Method[] = [
  {
    id: "meuniere",
    label: "Floured, in butter",
    line: said("methods.flouredAtTheLastMomentButter"),
    knobs: [knob("panC", "Pan", 175, 140, 210)],
    schools: [],
    suits: {
      groups: [...FINFISH],
      shapes: ["slab", "cylinder"],
      thicknessMm: [6, 32],
      skin: "either",
      forms: ["piece", "whole"],
    },
    coatMm: 0.2,
    longestS: 1500,
    brings: ["gluten", "milk"],
    cautions: [HOT_OIL],
    source: PRACTICE,
    build: ({ piece, kit, pan }) => {
      const vessel = panVessel(pan, kit.panC);
      const side = (id: string, name: string, down: 0 | 1, part: number, task: Said) =>
        stage(piece, {
          id,
          name,
          down,
          under: metal("panFlesh"),
          over: KITCHEN,
          vessel,
          until: { by: "search", part },
          do: task,
          cue: sideCue(down),
        });
      return [
        side(
          "first",
          "First side",
          0,
          0.55,
          said("methods.flouredAndShakenPanButterAnd", { pan: inCelsius(kit.panC, 0) }),
        ),
        side("turn", "Turn", 1, 0.45, said("methods.turnOnceFreshButterWhenIt")),
        rest(piece, said("methods.ontoThePlateBrownTheButter")),
      ];
    },
  },
  {
    id: "plain-grill",
    label: "Grilled, plain",
    line: said("methods.oiledOnCleanHotBarsTurned"),
    knobs: [knob("panC", "Bars", 240, 180, 320)],
    schools: [],
    suits: {
      groups: [...FINFISH, "tuna", "lobster", "shrimp", "squid"],
      shapes: ["slab", "cylinder"],
      thicknessMm: [5, 45],
      skin: "either",
      forms: ["piece", "whole", "tails"],
    },
    longestS: 2400,
    brings: [],
    cautions: [said("methods.oilTheFishOrTheBars")],
    source: PRACTICE,
    build: ({ piece, kit, pan }) => {
      const vessel = panVessel(pan, kit.panC);
      const side = onBars(piece, vessel);
      return [
        side("first", "First side", 0, 0.55, said("methods.dryOiledOnPanBarsSkin", { pan: inCelsius(kit.panC, 0) })),
        side("turn", "Turn", 1, 0.45, said("methods.turnOnceWithTheBars")),
        rest(piece),
      ];
    },
  },
  {
    id: "plancha",
    label: "On the plancha",
    line: said("methods.dryAndOiledOnSmoothHot"),
    knobs: [knob("panC", "Plate", 230, 180, 280)],
    schools: [],
    suits: {
      groups: ["squid", "shrimp", "lobster", "scallop", ...FINFISH],
      shapes: ["slab", "cylinder", "puck"],
      thicknessMm: [4, 25],
      skin: "either",
      forms: ["piece", "tails", "whole", "shells"],
    },
    longestS: 1200,
    brings: [],
    cautions: [said("methods.hotSteelAndWetFishSpit")],
    source: PRACTICE,
    build: ({ piece, kit, pan }) => {
      const vessel = panVessel(pan, kit.panC);
      const lying = sidesOf(piece, metal("panFlesh"), KITCHEN);
      const side = (id: string, name: string, down: 0 | 1, part: number, task: Said) =>
        stage(piece, {
          id,
          name,
          down,
          under: metal("panFlesh"),
          over: KITCHEN,
          around: lying,
          vessel,
          until: { by: "search", part },
          do: task,
          cue: sideCue(down),
        });
      return [
        side("first", "First side", 0, 0.6, said("methods.dryOiledOnThePanPlate", { pan: inCelsius(kit.panC, 0) })),
        side("turn", "Turn", 1, 0.4, said("methods.turnOnceOutBeforeItWeeps")),
        rest(piece, said("methods.offThePlateSaltOilAnd")),
      ];
    },
  },
  {
    id: "boil",
    label: "Boiled in salt water",
    line: said("methods.asSaltyAsTheSeaAt"),
    knobs: [knob("mediumC", "Water", 99, 90, 100)],
    schools: [],
    suits: {
      groups: ["lobster", "shrimp", "squid"],
      shapes: ["sphere", "cylinder"],
      thicknessMm: [8, 110],
      skin: "either",
      forms: ["whole", "shells"],
      builds: ["lobster", "spiny-lobster", "crab", "leg-crab", "langoustine", "shrimp", "snail"],
    },
    longestS: 3600,
    brings: [],
    cautions: [LIVE, STEAM_BURNS],
    source: PRACTICE,
    build: ({ piece, kit }) => [
      immersed(piece, liquid("simmer"), {
        id: "boil",
        name: "At the boil",
        vessel: potVessel(8, kit.mediumC),
        until: { by: "search", part: 1 },
        do: said("methods.aBigPotOfWaterWith", { medium: inCelsius(kit.mediumC, 0) }),
        cue: cues(said("methods.redOutsideTheMiddleNotYet"), [
          ({ centreC }) => centreC >= 48,
          said("methods.redAllOverALegPulls"),
        ]),
      }),
      rest(piece, said("methods.drainOnItsBackIntoIce"), howItFeels),
    ],
  },
  {
    id: "court-bouillon",
    label: "In court-bouillon",
    special: true,
    line: said("methods.aromaticStockWithWineOrVinegar"),
    knobs: [knob("mediumC", "Stock", 82, 65, 95)],
    schools: [],
    suits: {
      groups: [...FINFISH, "lobster", "shrimp"],
      shapes: ["slab", "cylinder"],
      thicknessMm: [8, 80],
      skin: "either",
      forms: ["piece", "whole", "tails"],
    },
    longestS: 5400,
    brings: [],
    cautions: [STEAM_BURNS],
    source: PRACTICE,
    build: ({ piece, kit }) => [
      immersed(piece, liquid("poach"), {
        id: "poach",
        name: "In the stock",
        vessel: potVessel(4, kit.mediumC),
        until: { by: "search", part: 1 },
        do: said("methods.stockWith12SaltAt", { medium: inCelsius(kit.mediumC, 0) }),
        cue: cues(said("methods.opaqueOutsideTheMiddleStillGlassy"), [
          isThrough,
          said("methods.opaqueItGivesAndComesBack"),
        ]),
      }),
      rest(piece, said("methods.liftDrainOnAClothSkin")),
    ],
  },
  {
    id: "oil-confit",
    label: "Confit in oil",
    special: true,
    line: said("methods.coveredInWarmOilAnEven"),
    knobs: [knob("mediumC", "Oil", 55, 42, 85)],
    schools: [],
    suits: {
      groups: [...FINFISH, "tuna", "octopus"],
      shapes: ["slab", "cylinder"],
      thicknessMm: [12, 50],
      skin: "off",
      forms: ["piece"],
    },
    longestS: 3 * 3600,
    brings: [],
    cautions: [said("methods.oilThisWarmMakesNothingSafe")],
    source: PRACTICE,
    build: ({ piece, kit }) => [
      immersed(piece, liquid("butter"), {
        id: "oil",
        name: "In the oil",
        vessel: { ...bathVessel(2, kit.mediumC), label: "2 l of oil" },
        until: { by: "search", part: 1 },
        do: said("methods.oilAtMediumToCoverSalted", { medium: inCelsius(kit.mediumC, 0) }),
        cue: cues(said("methods.warmStillGlassyInTheMiddle"), [isThrough, said("methods.theLayersShowItGivesAnd")]),
      }),
      rest(piece, said("methods.liftDrainOnARack")),
    ],
  },
  {
    id: "hot-smoke",
    label: "Hot-smoked",
    special: true,
    line: said("methods.brinedAndDriedSmokedInWarm"),
    knobs: [knob("ovenC", "Smoker", 90, 70, 130)],
    schools: [],
    suits: {
      groups: [...FINFISH],
      shapes: ["slab", "cylinder"],
      thicknessMm: [8, 60],
      skin: "either",
      forms: ["piece", "whole"],
    },
    longestS: 4 * 3600,
    brings: [],
    cautions: [said("methods.smokingToKeepIsAnotherMatter")],
    source: PRACTICE,
    build: ({ piece, kit }) => [
      immersed(piece, oven(kit.ovenC), {
        id: "smoke",
        name: "In the smoke",
        heat: inOven(kit.ovenC),
        until: { by: "search", part: 1 },
        do: said("methods.brinedAndDriedUntilTackyOn", { oven: inCelsius(kit.ovenC, 0) }),
        cue: cues(said("methods.dryAndGoldOutsideTheMiddle"), [isThrough, said("methods.goldAndDryItGivesThe")]),
      }),
      rest(piece),
    ],
  },
  {
    id: "salt-crust",
    label: "In a salt crust",
    special: true,
    line: said("methods.wholeSkinAndScalesOnBuried"),
    knobs: [knob("ovenC", "Oven", 200, 170, 240)],
    schools: [],
    suits: {
      groups: ["white-flake", "flat", "salmonid"],
      shapes: ["slab", "cylinder"],
      thicknessMm: [30, 90],
      skin: "needed",
      forms: ["whole"],
    },
    longestS: 3 * 3600,
    brings: [],
    cautions: [said("methods.bonesSaySoAtTheTable"), said("methods.theCrustHoldsItsHeatIt")],
    source: PRACTICE,
    build: ({ piece, kit }) => {
      // damp salt warms to its own steam and then bakes dry around the fish
      const crust = {
        on: "steam",
        film: "parcel",
        toC: 98,
        rampS: Math.round(900 * (175 / (kit.ovenC - 25))),
      } as const;
      return [
        immersed(piece, crust, {
          id: "crust",
          name: "In the crust",
          heat: inOven(kit.ovenC),
          until: { by: "search", part: 1 },
          do: said("methods.scalesOn20MmOfDamp", { bound: inMm(20), oven: inCelsius(kit.ovenC, 0) }),
          cue: cues(said("methods.theCrustIsHardTheFish"), [
            ({ centreC }) => centreC >= 40,
            said("methods.theCrustIsHardAndDry"),
          ]),
        }),
        stage(piece, {
          id: "rest",
          name: "To the table",
          under: { on: "steam", film: "stillAir", toC: 70, rampS: 0 },
          over: { on: "steam", film: "stillAir", toC: 70, rampS: 0 },
          around: { on: "steam", film: "stillAir", toC: 70, rampS: 0 },
          until: { by: "rest" },
          do: said("methods.crackItAtTheTableSkin"),
          cue: howItFeels,
        }),
      ];
    },
  },
];
