import { cues, isBrowned, nearlyThrough, type AtEnd, type Cue } from "./cue";
import { panVessel } from "../model";
import { broilerView } from "../model";
import { immersed, KITCHEN, knob, metal, NOTHING, oven, OVEN, rest, stage, type Method } from "./method";

const PRACTICE = "common practice";
/** The set rim in the model's own millimetres, from so many faces. */
const rimWords = ({ lineShare, thicknessMm, group }: AtEnd, faces: 1 | 2): string => {
  const mm = (lineShare * thicknessMm) / faces;
  const colour = group === "tuna" ? "grey" : "opaque";
  return mm < 0.5 ? `hardly a ${colour} rim yet` : `a ${colour} rim of ${Math.max(1, Math.round(mm))} mm`;
};

const HOT_BARS = "Oil the fish or the bars, never pour oil onto the fire.";

export const DRY_METHODS: readonly Method[] = [
  {
    id: "floured-grill",
    label: "Floured and grilled",
    line: "Floured slices on a clean, hot, lightly oiled ridged plate or bars.",
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
      const side = (id: string, name: string, down: 0 | 1, part: number, task: string) =>
        stage(piece, {
          id,
          name,
          down,
          under: metal("ridged"),
          over: KITCHEN,
          vessel,
          until: { by: "search", part },
          do: task,
          cue:
            down === 0
              ? cues("It still holds: leave it until the marks are set.", [
                  isBrowned,
                  "Marks set, it lets go by itself.",
                ])
              : cues("Marks on both sides, the middle still glassy.", [
                  nearlyThrough,
                  "Marks on both sides, opaque at the edge.",
                ]),
        });
      return [
        side("first", "First side", 0, 0.52, `Floured, shaken, on the ${Math.round(kit.panC)} °C bars; leave it.`),
        side("turn", "Turn", 1, 0.48, "Turn once with a thin blade."),
        rest(piece),
      ];
    },
  },
  {
    id: "ridged-rare",
    label: "Rare on a white-hot ridged pan",
    line: "Room temperature first; every face a short time; warm but red inside.",
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
    cautions: ["Sold as rare on the menu, with the advisory; only fish that is cleared for raw service.", HOT_BARS],
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
              ? `Oil the fish, ${Math.round(kit.panC)} °C, first face, then the edges.`
              : "Second face, then the edges left.",
          cue,
        });
      return [
        side("first", "First face and edges", 0, (end) => `Marked; ${rimWords(end, 1)} up the side.`),
        side(
          "second",
          "Second face and edges",
          1,
          (end) => `Marked on both faces, ${end.throughSet ? "closed between" : "red between"}.`,
        ),
        rest(piece, "Rest, then slice across the grain."),
      ];
    },
  },
  {
    id: "broil",
    label: "Broiled",
    line: "Presentation side up under the glow, on a hot tray.",
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
    cautions: ["Sugar, crumbs and garlic burn first: they go on late."],
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
          do: `On an oiled tray, ${Math.round(kit.distanceMm)} mm under the element.`,
          cue: cues("The top is hot and dry; the side not yet closed.", [
            ({ browned, lineShare, throughSet }) => browned && (throughSet || lineShare > 0.2),
            "The top blisters and browns, the side is opaque.",
          ]),
        }),
        rest(piece),
      ];
    },
  },
  {
    id: "roast-bone",
    label: "Roasted on the bone",
    line: "Oiled, on a rack or roots, all round in the oven.",
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
        do: `Oiled, on a rack, ${Math.round(kit.ovenC)} °C fan.`,
        cue: cues("The flesh still holds to the bone: go by the probe.", [
          ({ centreC }) => centreC >= 50,
          "The flesh lets go of the bone at the thickest part.",
        ]),
      }),
      rest(piece, "Rest on the bone; carve after."),
    ],
  },
  {
    id: "roast-whole",
    label: "Whole fish, by its thickest part",
    line: "Slashed, oiled, roasted whole; the thickest part decides.",
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
    cautions: ["Bones: say so at the table."],
    source: PRACTICE,
    build: ({ piece, kit }) => [
      immersed(piece, oven(kit.ovenC), {
        id: "oven",
        name: "Oven",
        until: { by: "search", part: 1 },
        do: `Slashed to the bone at the thick part, oiled, ${Math.round(kit.ovenC)} °C.`,
        cue: cues("The back fin still holds: go by the probe.", [
          ({ centreC }) => centreC >= 50,
          "The back fin pulls out; the eye is white.",
        ]),
      }),
      rest(piece, "Rest whole."),
    ],
  },
];
