import { inCelsius, inMm, said, type Said } from "@/core/shared";
import { FOAM_C } from "./skinCrisp";
import { cues, howItFeels, hasEdge, isBrowned, isThrough, nearlyThrough, type Cue } from "./cue";
import { panVessel, potVessel } from "../model";
import { broilerView } from "../model";
import {
  type BuildContext,
  immersed,
  inOven,
  KITCHEN,
  knob,
  metal,
  type Method,
  NOTHING,
  rest,
  sidesOf,
  stage,
} from "./method";
import { STATION } from "../model";

const PRACTICE = "common practice";

function scallopSear({ piece, kit, pan, school }: BuildContext) {
  const hot = panVessel(pan, kit.panC);
  const first = {
    "smoking-oil": { part: 0.85, film: "panFlesh", name: "Smoking oil, one side" },
    "steaming-butter": { part: 0.55, film: "panFlesh", name: "Butter and oil as they steam" },
    "dry-plate": { part: 0.65, film: "panDry", name: "Dry plate, no fat" },
  } as const;
  const way = school in first ? first[school as keyof typeof first] : first["steaming-butter"];
  const basted = school === "steaming-butter";
  return [
    stage(piece, {
      id: "first",
      name: way.name,
      under: metal(way.film),
      over: KITCHEN,
      vessel: hot,
      until: { by: "search", part: way.part },
      do: said("methods.drySaltNowPanClockwiseFrom", { pan: inCelsius(kit.panC, 0) }),
      cue: cues(said("methods.itStillHoldsLeaveItUntil3"), [isBrowned, said("methods.goldUpTheRimAndIt")]),
    }),
    stage(piece, {
      id: "turn",
      name: basted ? "Turn and baste" : "Turn into butter",
      down: 1,
      under: metal("panFlesh"),
      over: basted ? { on: "baste", fatC: FOAM_C, share: 0.5 } : KITCHEN,
      vessel: hot,
      until: { by: "search", part: 1 - way.part },
      do: basted ? said("methods.turnInTheOrderTheyWent") : said("methods.turnInTheOrderTheyWent2"),
      cue: cues(
        said("methods.stillGlassyThroughGoByThe"),
        [({ throughSet }) => throughSet, said("methods.springsBackOpaqueAtTheWaist")],
        [hasEdge, said("methods.springsBackAGlassyLineLeft")],
      ),
    }),
    rest(piece, said("methods.outOntoAWarmClothGold")),
  ];
}

export const SHELLFISH_METHODS: readonly Method[] = [
  {
    id: "scallop-sear",
    label: "Scallop in the pan",
    line: said("methods.aGoldFaceAJustSet"),
    knobs: [knob("panC", "Pan", 230, 120, 280)],
    schools: [
      {
        id: "steaming-butter",
        label: "Cooked gently in steaming butter, 3 min, then 2-3 min basting: no sear",
        why: said("methods.forScallopsOver22MmIt", { bound: inMm(22) }),
        kit: { panC: 155 },
        practice: { fromS: 300, toS: 360 },
      },
      {
        id: "smoking-oil",
        label: "Smoking oil, about a minute, then a few seconds in butter",
        why: said("methods.upTo18MmTheDefault", { bound: inMm(18) }),
        practice: { fromS: 65, toS: 120 },
      },
      {
        id: "dry-plate",
        label: "Dry non-stick plate, fat only at the turn",
        why: said("methods.at18To22MmTheDefault", { bound: inMm(18), bound2: inMm(22) }),
        kit: { panC: 220 },
        practice: { fromS: 90, toS: 180 },
      },
    ],
    suits: { groups: ["scallop"], shapes: ["puck"], thicknessMm: [15, 40], skin: "either" },
    longestS: 900,
    brings: ["milk"],
    cautions: [said("methods.hotFatAndWetScallopsSpit")],
    source: PRACTICE,
    build: scallopSear,
  },
  {
    id: "langoustine",
    label: "Langoustine on its sides",
    line: said("methods.hotPanOnTheSidesFirst"),
    knobs: [knob("panC", "Pan", 210, 150, 260)],
    schools: [],
    suits: {
      groups: ["shrimp", "lobster"],
      shapes: ["cylinder"],
      thicknessMm: [10, 32],
      skin: "either",
      forms: ["whole", "tails"],
    },
    coatMm: 0.3,
    longestS: 600,
    brings: ["milk"],
    cautions: [said("methods.shellEdgesCutHotShellSpits")],
    source: PRACTICE,
    build: ({ piece, kit, pan }) => {
      const vessel = panVessel(pan, kit.panC);
      const lying = sidesOf(piece, metal("panDry"), KITCHEN);
      const one = (id: string, name: string, part: number, task: Said, cue: Cue) =>
        stage(piece, {
          id,
          name,
          under: metal("panDry"),
          over: KITCHEN,
          around: lying,
          vessel,
          until: { by: "search", part },
          do: task,
          cue,
        });
      return [
        one(
          "sides",
          "On the sides",
          0.6,
          said("methods.oiledPanPanFirstOneSide", { pan: inCelsius(kit.panC, 0) }),
          cues(said("methods.shellTurningCoral"), [hasEdge, said("methods.shellCoralTheEdgeOfThe")]),
        ),
        one(
          "belly",
          "On the belly, butter",
          0.4,
          said("methods.bellyDownALittleButterTo"),
          cues(
            said("methods.theEdgeOpaqueTheMiddleStill"),
            [isThrough, said("methods.opaqueThroughALittleGive")],
            [nearlyThrough, said("methods.opaqueWithAPearlInThe")],
          ),
        ),
        rest(piece),
      ];
    },
  },
  {
    id: "steam-broil",
    label: "Steamed, rested, then broiled",
    line: said("methods.steamMostOfTheWayRest"),
    knobs: [knob("sourceC", "Broiler", 600, 450, 800), knob("distanceMm", "Below the element", 115, 60, 250)],
    schools: [],
    suits: {
      groups: ["lobster"],
      builds: ["lobster", "spiny-lobster"],
      shapes: ["cylinder"],
      // under some 35 mm the glow alone carries it past done
      thicknessMm: [35, 60],
      skin: "either",
      forms: ["whole"],
    },
    longestS: 2400,
    brings: ["milk", "gluten"],
    cautions: [said("methods.steamBurnsLiftTheLidAway2"), said("methods.broiledRawAllTheWayIt")],
    source: PRACTICE,
    build: ({ piece, kit }) => {
      const steam = { on: "steam", film: "steam", toC: 100, rampS: 30 } as const;
      const glow = { on: "glow", sourceC: kit.sourceC, view: broilerView(kit.distanceMm), airC: 180 } as const;
      return [
        stage(piece, {
          id: "steam",
          name: "Steam",
          under: steam,
          over: steam,
          around: steam,
          // the steam cooks, the broiler browns and warms
          until: { by: "search", part: 0.78 },
          do: said("methods.overHardSteamLidOn"),
          cue: cues(said("methods.shellRedTheTailNotYet"), [
            ({ centreC }) => centreC >= 45,
            said("methods.shellRedAllOverTailCurls"),
          ]),
        }),
        stage(piece, {
          id: "stand",
          name: "Rest and split",
          under: KITCHEN,
          over: KITCHEN,
          until: { by: "clock", seconds: 600 },
          do: said("methods.rest10MinSplitLengthwiseHerb"),
          cue: () => said("methods.theHeatHasGoneInwardJuices"),
        }),
        stage(piece, {
          id: "broil",
          name: "Broil",
          under: NOTHING,
          over: glow,
          around: {
            on: "mix",
            of: [
              [0.5, NOTHING],
              [0.5, glow],
            ],
          },
          until: { by: "search", part: 0.22 },
          do: said("methods.cutFaceUpDistanceUnderThe", { distance: inMm(kit.distanceMm, 0) }),
          cue: cues(said("methods.butterBubblesHotToTheMiddle"), [
            isBrowned,
            said("methods.butterBubblesEdgesGoldCrumbsAnd"),
          ]),
        }),
        rest(piece),
      ];
    },
  },
  {
    id: "open-shells",
    label: "Steamed open",
    line: said("methods.wineOrCiderAtAHard"),
    knobs: [],
    schools: [],
    suits: {
      groups: ["scallop"],
      shapes: ["sphere"],
      thicknessMm: [8, 30],
      skin: "either",
      forms: ["shells"],
    },
    opens: true,
    longestS: 900,
    brings: ["sulphites"],
    cautions: [said("methods.throwAwayWhatStaysShutAfter"), said("methods.openingIsNotProofOfCooking")],
    source: PRACTICE,
    build: ({ piece }) => {
      const pot = potVessel(0.4, 100, STATION.kitchenC);
      const steam = { on: "steam", film: "lid", toC: 99, rampS: 60 } as const;
      return [
        stage(piece, {
          id: "steam",
          name: "Lid on, hard boil",
          under: steam,
          over: steam,
          around: {
            on: "mix",
            of: [
              [0.15, { on: "vessel", film: "simmer" }],
              [0.85, steam],
            ],
          },
          vessel: pot,
          until: { by: "search", part: 1 },
          do: said("methods.liquidBoilingHardShellsInTwo"),
          cue: () => said("methods.shellsGapeTakeEachOutAs"),
        }),
        rest(piece, said("methods.lidOffServeWithTheirLiquor"), () => said("methods.allGapeTheMeatPlumpAnd")),
      ];
    },
  },
  {
    id: "parcel",
    label: "In a parcel",
    line: said("methods.closedInPaperWithItsGarnish"),
    knobs: [knob("ovenC", "Oven", 170, 140, 220)],
    schools: [],
    suits: {
      groups: ["scallop", "white-flake", "flat", "salmonid", "shrimp"],
      shapes: ["slab", "puck", "cylinder"],
      thicknessMm: [12, 35],
      skin: "either",
      forms: ["piece", "tails"],
    },
    longestS: 2400,
    practice: { fromS: 420, toS: 900 },
    brings: [],
    cautions: [said("methods.steamFromTheParcelOpenIt")],
    source: PRACTICE,
    build: ({ piece, kit }) => {
      // the hotter the oven, the sooner its air has warmed parcel and garnish to their own steam
      const inside = {
        on: "steam",
        film: "parcel",
        toC: 97,
        rampS: Math.round(150 * (145 / (kit.ovenC - 25))),
      } as const;
      return [
        immersed(piece, inside, {
          id: "oven",
          name: "In the oven",
          heat: inOven(kit.ovenC),
          until: { by: "search", part: 1 },
          do: said("methods.airLeftInTheParcelOven", { oven: inCelsius(kit.ovenC, 0) }),
          cue: cues(said("methods.thePaperSoftensNoSteamIn"), [
            ({ seconds }) => seconds >= inside.rampS,
            said("methods.blownUpTightWithItsSteam"),
          ]),
        }),
        stage(piece, {
          id: "rest",
          name: "To the table",
          under: { on: "steam", film: "stillAir", toC: 60, rampS: 0 },
          over: { on: "steam", film: "stillAir", toC: 60, rampS: 0 },
          around: { on: "steam", film: "stillAir", toC: 60, rampS: 0 },
          until: { by: "rest" },
          do: said("methods.onANapkinSoThatIt"),
          cue: howItFeels,
        }),
      ];
    },
  },
];
