import { panVessel } from "../model";
import { cues, type AtEnd } from "./cue";
import { inOven, KITCHEN, knob, metal, oven, OVEN, PAN, rest, stage, type BuildContext, type Method } from "./method";

/** Skin counts as crisp when half a millimetre has dried through: about the skin itself (estimate). */
export const CRISP_CRUST_MM = 0.5;
/** The skin side stays down until the opaque line is a quarter of the way up: about 2-4 min by thickness (common practice). */
const TURN_LINE = 0.25;
const LONGEST_PAN_S = 360;
const FOAM_C = 130;
const PRACTICE = "common practice";
export const HOT_OIL = "Hot oil and wet fish spit: dry it, lay it down away from you.";
const FLAMES = "Off the flame before alcohol goes in.";

export function lineWords({ lineShare, thicknessMm }: AtEnd): string {
  const height =
    lineShare < 0.2
      ? "just above the pan"
      : lineShare < 0.3
        ? "a quarter of the way up"
        : lineShare < 0.4
          ? "a third of the way up"
          : lineShare < 0.6
            ? "halfway up"
            : "most of the way up";
  return `Opaque line ${height} the side (${Math.round(lineShare * thicknessMm)} mm of ${Math.round(thicknessMm)} mm)`;
}

/** What the side on the metal shows. */
const letsGo = ({ browned, crisp }: AtEnd, skin: boolean) => {
  if (skin && (browned || crisp)) return "the skin lets go by itself";
  return browned ? "the face has browned and lets go" : "it still holds: leave it";
};

const skinDown = ({ piece, kit, pan }: BuildContext, line = TURN_LINE) =>
  stage(piece, {
    id: "pan",
    name: piece.skin ? "Skin down" : "Best side down",
    under: metal(piece.skin ? "panSkin" : "panFlesh"),
    over: KITCHEN,
    vessel: panVessel(pan, kit.panC),
    until: { by: "crisp", line, crustMm: piece.skin ? CRISP_CRUST_MM : 0, longestS: LONGEST_PAN_S },
    do: `Dry, oil the ${Math.round(kit.panC)} °C pan, lay it ${piece.skin ? "skin" : "best side"} down away from you, press flat 10 s, then leave it.`,
    cue: (end) => `${lineWords(end)}; ${letsGo(end, piece.skin)}.`,
  });

export const FINFISH = ["salmonid", "white-flake", "flat", "dense"] as const;

export const SKIN_METHODS: readonly Method[] = [
  {
    id: "skin-then-oven",
    label: "Skin-crisp, finished in the oven",
    line: "Skin down in oil until crisp, turned, carried by the oven.",
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
          do: `Turn, pan into the ${Math.round(kit.ovenC)} °C oven. Cloth on the handle.`,
          cue: cues("The top has lost its gloss; go by the probe.", [
            ({ lineShare, throughSet }) => throughSet || lineShare > 0.4,
            `Sides opaque, the top gives and comes back; ${piece.skin ? "skin dry" : "top dry"}.`,
          ]),
        }),
        rest(piece, `Out of the pan, ${piece.skin ? "skin" : "best side"} up, on a warm tray. Never under foil.`),
      ];
    },
  },
  {
    id: "skin-turned",
    label: "Skin-crisp and turned in butter",
    line: "Skin down until crisp, turned, finished in foaming butter on the flame.",
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
          do: "Turn, flame down, butter in; tilt and spoon it over the edges when it foams. Keep it off the skin.",
          cue: cues("Butter hazelnut; the sides not yet closed: go by the probe.", [
            ({ lineShare, throughSet }) => throughSet || lineShare > 0.4,
            "Butter hazelnut, sides opaque, the thick part gives and comes back.",
          ]),
        }),
        rest(piece),
      ];
    },
  },
  {
    id: "skin-unturned",
    label: "Skin-crisp, never turned, basted",
    line: "Gentle heat from the skin alone, butter and herb spooned over, one kiss of the flesh side.",
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
          do: `Oil the ${Math.round(kit.panC)} °C pan, skin down, press flat 10 s, then leave it on a gentle flame.`,
          cue: (end) => `${lineWords(end)}; ${letsGo(end, true)}.`,
        }),
        stage(piece, {
          id: "baste",
          name: "Butter, garlic, herb: baste",
          under: metal("panSkin"),
          over: { on: "baste", fatC: FOAM_C, share: 0.5 },
          vessel,
          until: { by: "search", part: 0.25 },
          do: "Butter in; when it foams, spoon it over the top without stopping.",
          cue: (end) =>
            `${lineWords(end)}; ${end.lineShare > 0.6 || end.throughSet ? "the top has turned from glass to pearl" : "the top still glassy"}.`,
        }),
        stage(piece, {
          id: "kiss",
          name: "Kiss the flesh side",
          down: 1,
          under: metal("panFlesh"),
          over: KITCHEN,
          vessel,
          until: { by: "clock", seconds: 8 },
          do: "Turn for one breath, out, and pour something sharp into the pan off the flame.",
          cue: () => "A breath on the metal and out: the flesh side loses its gloss.",
        }),
        rest(piece),
      ];
    },
  },
];
