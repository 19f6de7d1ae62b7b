import { inCelsius, said, type Said } from "@/core/shared";
import { panVessel, plateVessel } from "../model";
import { cues, howItFeels, isBrowned, nearlyThrough } from "./cue";
import { inOven, KITCHEN, knob, metal, oven, OVEN, PAN, rest, stage, type Method } from "./method";
import { FINFISH, HOT_OIL, lineWords } from "./skinCrisp";

const PRACTICE = "common practice";

export const PAN_METHODS: readonly Method[] = [
  {
    id: "herb-first",
    label: "Herb side first, then low",
    line: said("methods.skinlessTheHerbedFaceSetHot"),
    knobs: [PAN, knob("secondC", "Pan after the turn", 130, 90, 200)],
    schools: [],
    suits: {
      groups: [...FINFISH, "tuna"],
      shapes: ["slab"],
      thicknessMm: [15, 35],
      skin: "off",
    },
    longestS: 1200,
    brings: [],
    cautions: [HOT_OIL],
    source: PRACTICE,
    build: ({ piece, kit, pan }) => [
      stage(piece, {
        id: "herb",
        name: "Herb side down",
        under: metal("panFlesh"),
        over: KITCHEN,
        vessel: panVessel(pan, kit.panC),
        until: { by: "clock", seconds: 75 },
        do: said("methods.herbsPressedOnOilInThe", { pan: inCelsius(kit.panC, 0) }),
        cue: cues(said("methods.theHerbsHaveSetToThe"), [isBrowned, said("methods.theHerbsHaveSetToThe2")]),
      }),
      stage(piece, {
        id: "low",
        name: "Turn, low",
        down: 1,
        under: metal("panFlesh"),
        over: KITCHEN,
        vessel: panVessel(pan, kit.panC),
        heat: { by: "burner", setC: kit.secondC },
        until: { by: "search", part: 1 },
        do: said("methods.turnFlameRightDown"),
        cue: (end) =>
          said("methods.clauses", {
            first: nearlyThrough(end) ? said("methods.bothLinesHaveMetButFor") : said("methods.theLinesHaveNotMetYet"),
            then: howItFeels(end),
          }),
      }),
      rest(piece),
    ],
  },
  {
    id: "wrapped",
    label: "Wrapped and sealed on all sides",
    line: said("methods.hamOrLeavesAroundItAll"),
    knobs: [PAN, OVEN],
    schools: [],
    suits: {
      groups: ["dense", "tuna", "white-flake"],
      shapes: ["slab", "cylinder"],
      thicknessMm: [22, 60],
      skin: "off",
    },
    coatMm: 0.8,
    longestS: 3000,
    brings: [],
    cautions: [said("methods.theWrappingBringsItsOwnSalt")],
    source: PRACTICE,
    build: ({ piece, kit, pan }) => {
      const vessel = panVessel(pan, kit.panC);
      const one = (id: string, name: string, down: 0 | 1, task: Said) =>
        stage(piece, {
          id,
          name,
          down,
          under: metal("panDry"),
          over: KITCHEN,
          vessel,
          until: { by: "clock", seconds: 75 },
          do: task,
          cue: cues(said("methods.theWrappingHoldsByItself"), [
            isBrowned,
            said("methods.theWrappingHasCrispedAndHolds"),
          ]),
        });
      return [
        one("seam", "Seam down", 0, said("methods.seamDownInTheOiledPan", { pan: inCelsius(kit.panC, 0) })),
        one("turn", "Turn it through", 1, said("methods.turnItThroughAllItsSides")),
        stage(piece, {
          id: "oven",
          name: "Oven",
          under: metal("panDry"),
          over: oven(kit.ovenC),
          vessel,
          heat: inOven(kit.ovenC),
          until: { by: "search", part: 1 },
          do: said("methods.panIntoTheOvenOven", { oven: inCelsius(kit.ovenC, 0) }),
          cue: cues(said("methods.crispOutsideTheMiddleStillCool"), [
            ({ centreC }) => centreC >= 40,
            said("methods.crispOutsideANeedleFromThe"),
          ]),
        }),
        rest(piece, said("methods.restItWholeSliceAfter")),
      ];
    },
  },
  {
    id: "bread-crusted",
    label: "Bread-crusted",
    line: said("methods.breadSideDownUntilItSets"),
    knobs: [knob("panC", "Pan", 170, 130, 210), OVEN],
    schools: [],
    suits: {
      groups: ["white-flake", "flat", "salmonid"],
      shapes: ["slab"],
      thicknessMm: [15, 35],
      skin: "off",
    },
    longestS: 2400,
    brings: ["gluten", "milk"],
    cautions: [HOT_OIL],
    source: PRACTICE,
    build: ({ piece, kit, pan }) => {
      const vessel = panVessel(pan, kit.panC);
      return [
        stage(piece, {
          id: "bread",
          name: "Bread down",
          under: { on: "vessel", film: "panDry" },
          over: KITCHEN,
          vessel,
          until: { by: "clock", seconds: 60 },
          do: said("methods.thinBreadPressedOnDownIn", { pan: inCelsius(kit.panC, 0) }),
          cue: () => said("methods.theBreadHasSetAndSlides"),
        }),
        stage(piece, {
          id: "oven",
          name: "Oven, not turned",
          under: { on: "vessel", film: "panDry" },
          over: oven(kit.ovenC),
          vessel,
          heat: inOven(kit.ovenC),
          until: { by: "search", part: 1 },
          do: said("methods.intoTheOvenOvenAsIt", { oven: inCelsius(kit.ovenC, 0) }),
          cue: cues(said("methods.liftACornerGoldenNeverBlack"), [
            ({ lineShare, throughSet }) => throughSet || lineShare > 0.4,
            said("methods.goldenWhenYouLiftACorner"),
          ]),
        }),
        stage(piece, {
          id: "turn",
          name: "Turn once",
          down: 1,
          under: metal("panFlesh"),
          over: KITCHEN,
          vessel,
          until: { by: "clock", seconds: 20 },
          do: said("methods.turnOnceBreadUp"),
          cue: () => said("methods.theFleshSideHasClosed"),
        }),
        rest(piece),
      ];
    },
  },
  {
    id: "crab-cake",
    label: "Cakes, pan then oven",
    line: said("methods.goldenButterNotTouchedUntilThe"),
    knobs: [knob("panC", "Pan", 165, 130, 200), OVEN],
    schools: [],
    suits: {
      groups: [...FINFISH, "tuna", "lobster", "shrimp", "scallop"],
      shapes: ["slab", "puck"],
      thicknessMm: [15, 40],
      skin: "off",
      forms: ["cake"],
    },
    comminuted: true,
    longestS: 2400,
    brings: ["gluten", "egg", "milk"],
    cautions: [said("methods.mincedFishCarriesTheSurfaceInside")],
    source: PRACTICE,
    build: ({ piece, kit, pan }) => {
      const vessel = panVessel(pan, kit.panC);
      return [
        stage(piece, {
          id: "pan",
          name: "First side",
          under: metal("panFlesh"),
          over: KITCHEN,
          vessel,
          until: { by: "clock", seconds: 75 },
          do: said("methods.goldenButterInThePanPan", { pan: inCelsius(kit.panC, 0) }),
          cue: cues(said("methods.notYetACrustLeaveIt"), [isBrowned, said("methods.aCrustThatHoldsWhenNudged")]),
        }),
        stage(piece, {
          id: "oven",
          name: "Turn and oven",
          down: 1,
          under: metal("panFlesh"),
          over: oven(kit.ovenC),
          vessel,
          heat: inOven(kit.ovenC),
          until: { by: "search", part: 1 },
          do: said("methods.turnIntoTheOvenOven", { oven: inCelsius(kit.ovenC, 0) }),
          cue: cues(said("methods.firmAtTheEdgeTheMiddle"), [
            ({ centreC }) => centreC >= 60,
            said("methods.firmToTheFingerHotIn"),
          ]),
        }),
        rest(piece),
      ];
    },
  },
  {
    id: "hot-plate",
    label: "One side, then the hot plate",
    special: true,
    line: said("methods.setOnOneSideOnlyThe"),
    knobs: [PAN, knob("secondC", "Plate", 85, 60, 110)],
    schools: [],
    suits: {
      groups: ["salmonid", "flat", "white-flake", "tuna"],
      shapes: ["slab"],
      thicknessMm: [5, 18],
      skin: "either",
    },
    rare: true,
    longestS: 400,
    brings: [],
    cautions: [said("methods.aWarmPlateDoesNotMake")],
    source: PRACTICE,
    build: (context) => {
      const { piece, kit } = context;
      return [
        stage(piece, {
          id: "pan",
          name: piece.skin ? "Skin down" : "One side down",
          under: metal(piece.skin ? "panSkin" : "panFlesh"),
          over: KITCHEN,
          vessel: panVessel(context.pan, kit.panC),
          until: { by: "search", part: 1 },
          do: said("methods.oiledPanPanOneSideOnly", { pan: inCelsius(kit.panC, 0) }),
          cue: lineWords,
        }),
        stage(piece, {
          id: "plate",
          name: "On the hot plate",
          down: 1,
          under: metal("warmPlate"),
          over: KITCHEN,
          vessel: plateVessel(context.pan.diameterMm, kit.secondC),
          heat: { by: "nobody" },
          until: { by: "rest" },
          do: said("methods.rawSideDownOnASecond", { second: inCelsius(kit.secondC, 0) }),
          cue: howItFeels,
        }),
      ];
    },
  },
];
