import { inCelsius, inMm, said, type Said } from "@/core/shared";
import { panVessel } from "../model";
import { cues, type AtEnd } from "./cue";
import {
  inOven,
  KITCHEN,
  knob,
  metal,
  oven,
  OVEN,
  PAN,
  rest,
  stage,
  type BuildContext,
  type Method,
  type MethodId,
} from "./method";

/** Skin counts as crisp when half a millimetre has dried through: about the skin itself (estimate). */
export const CRISP_CRUST_MM = 0.5;
const CRISPS_SKIN: readonly MethodId[] = ["skin-then-oven", "skin-turned", "skin-unturned"];
/** Whether the skin stays on a piece cooked this way and is eaten crisp. */
export const crispsSkin = (methodId: MethodId): boolean => CRISPS_SKIN.includes(methodId);
/** The skin side stays down until the opaque line is a quarter of the way up: about 2-4 min by thickness (common practice). */
const TURN_LINE = 0.25;
const LONGEST_PAN_S = 360;
/** Butter foams and browns at about this (common practice). */
export const FOAM_C = 130;
const PRACTICE = "common practice";
export const HOT_OIL = said("methods.hotOilAndWetFishSpit");
const FLAMES = said("methods.offTheFlameBeforeAlcoholGoes");

export function lineWords({ lineShare, thicknessMm }: AtEnd): Said {
  const height =
    lineShare < 0.2
      ? said("methods.justAboveThePan")
      : lineShare < 0.3
        ? said("methods.aQuarterOfTheWayUp")
        : lineShare < 0.4
          ? said("methods.aThirdOfTheWayUp")
          : lineShare < 0.6
            ? said("methods.halfwayUp")
            : said("methods.mostOfTheWayUp");
  return said("methods.opaqueLineHeightTheSideLineShare", {
    height,
    lineShare: inMm(lineShare * thicknessMm, 0),
    thickness: inMm(thicknessMm, 0),
  });
}

/** What the side on the metal shows. */
const letsGo = ({ browned, crisp }: AtEnd, skin: boolean) => {
  if (skin && (browned || crisp)) return said("methods.theSkinLetsGoByItself");
  return browned ? said("methods.theFaceHasBrownedAndLets") : said("methods.itStillHoldsLeaveIt");
};

const skinDown = ({ piece, kit, pan }: BuildContext, line = TURN_LINE) =>
  stage(piece, {
    id: "pan",
    name: piece.skin ? "Skin down" : "Best side down",
    under: metal(piece.skin ? "panSkin" : "panFlesh"),
    over: KITCHEN,
    vessel: panVessel(pan, kit.panC),
    until: { by: "crisp", line, crustMm: piece.skin ? CRISP_CRUST_MM : 0, longestS: LONGEST_PAN_S },
    do: said("methods.dryOilThePanPanLay", {
      pan: inCelsius(kit.panC, 0),
      value: piece.skin ? "skin" : said("methods.bestSide"),
    }),
    cue: (end) => said("methods.clausesOver", { first: lineWords(end), then: letsGo(end, piece.skin) }),
  });

export const FINFISH = ["salmonid", "white-flake", "flat", "dense"] as const;

export const SKIN_METHODS: readonly Method[] = [
  {
    id: "skin-then-oven",
    label: "Skin-crisp, finished in the oven",
    line: said("methods.skinDownInOilUntilCrisp"),
    knobs: [PAN, OVEN],
    schools: [],
    suits: { groups: FINFISH, shapes: ["slab"], thicknessMm: [16, 45], skin: "either" },
    shortestS: 20,
    longestS: 2400,
    brings: [],
    cautions: [HOT_OIL],
    source: PRACTICE,
    build: (context) => {
      const { piece, kit, pan } = context;
      return [
        skinDown(context),
        stage(piece, {
          id: "oven",
          name: "Turn and oven",
          down: 1,
          under: metal("panFlesh"),
          over: oven(kit.ovenC),
          vessel: panVessel(pan, kit.panC),
          heat: inOven(kit.ovenC),
          until: { by: "search", part: 1 },
          do: said("methods.turnPanIntoTheOvenOven", { oven: inCelsius(kit.ovenC, 0) }),
          cue: cues(said("methods.theTopHasLostItsGloss"), [
            ({ lineShare, throughSet }) => throughSet || lineShare > 0.4,
            said("methods.sidesOpaqueTheTopGivesAnd", {
              value: piece.skin ? said("methods.skinDry") : said("methods.topDry"),
            }),
          ]),
        }),
        rest(piece, said("methods.outOfThePanValueUp", { value: piece.skin ? "skin" : said("methods.bestSide") })),
      ];
    },
  },
  {
    id: "skin-turned",
    label: "Skin-crisp and turned in butter",
    line: said("methods.skinDownUntilCrispTurnedFinished"),
    knobs: [PAN, knob("secondC", "Pan after the turn", 160, 110, 220)],
    schools: [],
    suits: {
      groups: FINFISH,
      shapes: ["slab"],
      thicknessMm: [12, 30],
      skin: "either",
    },
    shortestS: 10,
    longestS: 900,
    brings: ["milk"],
    cautions: [HOT_OIL],
    source: PRACTICE,
    build: (context) => {
      const { piece, kit, pan } = context;
      return [
        skinDown(context),
        stage(piece, {
          id: "turn",
          name: "Turn into butter",
          down: 1,
          under: metal("panFlesh"),
          over: KITCHEN,
          vessel: panVessel(pan, kit.panC),
          heat: { by: "burner", setC: kit.secondC },
          until: { by: "search", part: 1 },
          do: said("methods.turnFlameDownButterInTilt"),
          cue: cues(said("methods.butterHazelnutTheSidesNotYet"), [
            ({ lineShare, throughSet }) => throughSet || lineShare > 0.4,
            said("methods.butterHazelnutSidesOpaqueTheThick"),
          ]),
        }),
        rest(piece),
      ];
    },
  },
  {
    id: "skin-unturned",
    label: "Skin-crisp, never turned, basted",
    line: said("methods.gentleHeatFromTheSkinAlone"),
    knobs: [knob("panC", "Pan", 170, 120, 230)],
    schools: [],
    suits: {
      groups: ["salmonid", "white-flake"],
      shapes: ["slab"],
      thicknessMm: [12, 28],
      skin: "needed",
    },
    longestS: 1200,
    brings: ["milk"],
    cautions: [HOT_OIL, FLAMES],
    source: PRACTICE,
    build: ({ piece, kit, pan }) => {
      const vessel = panVessel(pan, kit.panC);
      return [
        stage(piece, {
          id: "pan",
          name: "Skin down, gently",
          under: metal("panSkin"),
          over: KITCHEN,
          vessel,
          until: { by: "search", part: 0.75 },
          do: said("methods.oilThePanPanSkinDown", { pan: inCelsius(kit.panC, 0) }),
          cue: (end) => said("methods.clausesOver", { first: lineWords(end), then: letsGo(end, true) }),
        }),
        stage(piece, {
          id: "baste",
          name: "Butter, garlic, herb: baste",
          under: metal("panSkin"),
          over: { on: "baste", fatC: FOAM_C, share: 0.5 },
          vessel,
          until: { by: "search", part: 0.25 },
          do: said("methods.butterInWhenItFoamsSpoon"),
          cue: (end) =>
            said("methods.clausesOver", {
              first: lineWords(end),
              then:
                end.lineShare > 0.6 || end.throughSet
                  ? said("methods.theTopHasTurnedFromGlass")
                  : said("methods.theTopStillGlassy"),
            }),
        }),
        stage(piece, {
          id: "kiss",
          name: "Kiss the flesh side",
          down: 1,
          under: metal("panFlesh"),
          over: KITCHEN,
          vessel,
          until: { by: "clock", seconds: 8 },
          do: said("methods.turnForOneBreathOutAnd"),
          cue: () => said("methods.aBreathOnTheMetalAnd"),
        }),
        rest(piece),
      ];
    },
  },
];
