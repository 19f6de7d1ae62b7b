import { inCelsius, inMm, said, type Said } from "@/core/shared";
import { cues, type AtEnd, type Cue } from "./cue";
import { onBars } from "./bars";
import { panVessel } from "../model";
import { broilerView } from "../model";
import { immersed, KITCHEN, knob, metal, NOTHING, oven, OVEN, rest, stage, type Method } from "./method";

const PRACTICE = "common practice";
/** The set rim in the model's own millimetres, from so many faces. */
const rimWords = ({ lineShare, thicknessMm, group }: AtEnd, faces: 1 | 2): Said => {
  const mm = (lineShare * thicknessMm) / faces;
  const colour = group === "tuna" ? "grey" : "opaque";
  return mm < 0.5
    ? said("methods.hardlyAColourRimYet", { colour })
    : said("methods.aColourRimOfMm", { colour, mm: inMm(Math.max(1, Math.round(mm))) });
};

const HOT_BARS = said("methods.oilTheFishOrTheBars");

export const DRY_METHODS: readonly Method[] = [
  {
    id: "floured-grill",
    label: "Floured and grilled",
    line: said("methods.flouredSlicesOnACleanHot"),
    knobs: [knob("panC", "Bars", 230, 180, 300)],
    schools: [],
    suits: {
      groups: ["white-flake", "dense", "salmonid", "flat", "squid"],
      shapes: ["slab"],
      thicknessMm: [12, 35],
      skin: "either",
    },
    coatMm: 0.2,
    longestS: 1500,
    brings: ["gluten"],
    cautions: [HOT_BARS],
    source: PRACTICE,
    build: ({ piece, kit, pan }) => {
      const vessel = panVessel(pan, kit.panC);
      const side = onBars(piece, vessel);
      return [
        side(
          "first",
          "First side",
          0,
          0.52,
          said("methods.flouredShakenOnThePanBars", { pan: inCelsius(kit.panC, 0) }),
        ),
        side("turn", "Turn", 1, 0.48, said("methods.turnOnceWithAThinBlade")),
        rest(piece),
      ];
    },
  },
  {
    id: "ridged-rare",
    label: "Rare on a white-hot ridged pan",
    line: said("methods.roomTemperatureFirstEveryFaceA"),
    knobs: [knob("panC", "Pan", 260, 200, 320)],
    schools: [],
    suits: {
      groups: ["tuna", "salmonid"],
      shapes: ["slab", "puck", "cylinder"],
      thicknessMm: [25, 80],
      skin: "off",
    },
    rare: true,
    longestS: 900,
    brings: [],
    cautions: [said("methods.soldAsRareOnTheMenu"), HOT_BARS],
    source: PRACTICE,
    build: ({ piece, kit, pan }) => {
      const vessel = panVessel(pan, kit.panC);
      const side = (id: string, name: string, down: 0 | 1, cue: Cue) =>
        stage(piece, {
          id,
          name,
          down,
          under: metal("ridged"),
          over: KITCHEN,
          around: {
            on: "mix",
            of: [
              [0.35, metal("ridged")],
              [0.65, KITCHEN],
            ],
          },
          vessel,
          until: { by: "search", part: 0.5 },
          do:
            down === 0
              ? said("methods.oilTheFishPanFirstFace", { pan: inCelsius(kit.panC, 0) })
              : said("methods.secondFaceThenTheEdgesLeft"),
          cue,
        });
      return [
        side("first", "First face and edges", 0, (end) =>
          said("methods.markedEndUpTheSide", { end: rimWords(end, 1) }),
        ),
        side("second", "Second face and edges", 1, (end) =>
          said("methods.markedOnBothFacesValue", {
            value: end.throughSet ? said("methods.closedBetween") : said("methods.redBetween"),
          }),
        ),
        rest(piece, said("methods.restThenSliceAcrossTheGrain")),
      ];
    },
  },
  {
    id: "broil",
    label: "Broiled",
    line: said("methods.presentationSideUpUnderTheGlow"),
    knobs: [knob("sourceC", "Element", 600, 450, 800), knob("distanceMm", "Below the element", 100, 50, 250)],
    schools: [],
    suits: {
      groups: ["salmonid", "white-flake", "flat", "dense", "lobster"],
      shapes: ["slab", "cylinder"],
      thicknessMm: [10, 30],
      skin: "either",
      forms: ["piece", "tails", "whole"],
    },
    longestS: 1800,
    brings: [],
    cautions: [said("methods.sugarCrumbsAndGarlicBurnFirst")],
    source: PRACTICE,
    build: ({ piece, kit }) => {
      const glow = { on: "glow", sourceC: kit.sourceC, view: broilerView(kit.distanceMm), airC: 160 } as const;
      return [
        stage(piece, {
          id: "broil",
          name: "Under the glow",
          down: 1,
          under: { on: "steam", film: "warmPlate", toC: 90, rampS: 120 },
          over: glow,
          around: {
            on: "mix",
            of: [
              [0.5, NOTHING],
              [0.5, glow],
            ],
          },
          until: { by: "search", part: 1 },
          do: said("methods.onAnOiledTrayDistanceUnder", { distance: inMm(kit.distanceMm, 0) }),
          cue: cues(said("methods.theTopIsHotAndDry"), [
            ({ browned, lineShare, throughSet }) => browned && (throughSet || lineShare > 0.2),
            said("methods.theTopBlistersAndBrownsThe"),
          ]),
        }),
        rest(piece),
      ];
    },
  },
  {
    id: "roast-bone",
    label: "Roasted on the bone",
    line: said("methods.oiledOnARackOrRoots"),
    knobs: [knob("ovenC", "Oven", 200, 120, 260)],
    schools: [],
    suits: {
      groups: ["dense", "flat", "white-flake", "salmonid", "lobster"],
      shapes: ["cylinder", "slab"],
      thicknessMm: [25, 80],
      skin: "either",
      forms: ["piece", "tails"],
    },
    longestS: 3 * 3600,
    brings: [],
    cautions: [],
    source: PRACTICE,
    build: ({ piece, kit }) => [
      immersed(piece, oven(kit.ovenC), {
        id: "oven",
        name: "Oven",
        until: { by: "search", part: 1 },
        do: said("methods.oiledOnARackOvenFan", { oven: inCelsius(kit.ovenC, 0) }),
        cue: cues(said("methods.theFleshStillHoldsToThe"), [
          ({ centreC }) => centreC >= 50,
          said("methods.theFleshLetsGoOfThe"),
        ]),
      }),
      rest(piece, said("methods.restOnTheBoneCarveAfter")),
    ],
  },
  {
    id: "roast-whole",
    label: "Whole fish, by its thickest part",
    line: said("methods.slashedOiledRoastedWholeTheThickest"),
    knobs: [OVEN],
    schools: [],
    suits: {
      groups: ["white-flake", "flat", "salmonid"],
      shapes: ["slab", "cylinder"],
      thicknessMm: [20, 90],
      skin: "needed",
      forms: ["whole"],
    },
    longestS: 3 * 3600,
    brings: [],
    cautions: [said("methods.bonesSaySoAtTheTable")],
    source: PRACTICE,
    build: ({ piece, kit }) => [
      immersed(piece, oven(kit.ovenC), {
        id: "oven",
        name: "Oven",
        until: { by: "search", part: 1 },
        do: said("methods.slashedToTheBoneAtThe", { oven: inCelsius(kit.ovenC, 0) }),
        cue: cues(said("methods.theBackFinStillHoldsGo"), [
          ({ centreC }) => centreC >= 50,
          said("methods.theBackFinPullsOutThe"),
        ]),
      }),
      rest(piece, said("methods.restWhole")),
    ],
  },
];
