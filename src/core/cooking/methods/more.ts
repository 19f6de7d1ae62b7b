import { bathVessel, panVessel, potVessel } from "../model";
import { cues, feel, isBrowned, isThrough, nearlyThrough, type AtEnd } from "./cue";
import { immersed, inOven, KITCHEN, knob, liquid, metal, oven, rest, sidesOf, stage, type Method } from "./method";
import { FINFISH, HOT_OIL, lineWords } from "./skinCrisp";

const PRACTICE = "common practice";
const STEAM_BURNS = "Steam burns: lift the lid away from you.";
const LIVE =
  "Live animals: chilled numb or stunned first, then at once; the animal-welfare law of the place decides how.";

/** Two faces one after the other on the metal, with what each shows. */
const sideCue = (down: 0 | 1) =>
  down === 0
    ? cues("It still holds: leave it until it lets go.", [
        isBrowned,
        (end: AtEnd) => `${lineWords(end)}; gold, it lets go.`,
      ])
    : cues("Gold below; the middle still glassy.", [
        nearlyThrough,
        "Gold on both sides, opaque at the edge, it gives and comes back.",
      ]);

/** Ways every station has: pan and butter, bars, hot plate, pot, oil, smoke, salt. */
export const MORE_METHODS: readonly Method[] = [
  {
    id: "meuniere",
    label: "Floured, in butter",
    line: "Floured at the last moment, butter and oil, turned once; brown butter and lemon over it.",
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
      const side = (id: string, name: string, down: 0 | 1, part: number, task: string) =>
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
          `Floured and shaken, ${Math.round(kit.panC)} °C butter and oil, best side down; baste the edges.`,
        ),
        side("turn", "Turn", 1, 0.45, "Turn once; fresh butter when it is nearly there."),
        rest(piece, "Onto the plate; brown the butter, lemon and parsley in, over the fish."),
      ];
    },
  },
  {
    id: "plain-grill",
    label: "Grilled, plain",
    line: "Oiled, on clean hot bars, turned once.",
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
    cautions: ["Oil the fish or the bars, never pour oil onto the fire."],
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
        side(
          "first",
          "First side",
          0,
          0.55,
          `Dry, oiled, on ${Math.round(kit.panC)} °C bars, skin side first; leave it.`,
        ),
        side("turn", "Turn", 1, 0.45, "Turn once, with the bars."),
        rest(piece),
      ];
    },
  },
  {
    id: "plancha",
    label: "On the plancha",
    line: "Dry and oiled on smooth hot steel, pressed, turned once.",
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
    cautions: ["Hot steel and wet fish spit: dry it well."],
    source: PRACTICE,
    build: ({ piece, kit, pan }) => {
      const vessel = panVessel(pan, kit.panC);
      const lying = sidesOf(piece, metal("panFlesh"), KITCHEN);
      const side = (id: string, name: string, down: 0 | 1, part: number, task: string) =>
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
        side("first", "First side", 0, 0.6, `Dry, oiled, on the ${Math.round(kit.panC)} °C plate, pressed flat.`),
        side("turn", "Turn", 1, 0.4, "Turn once; out before it weeps."),
        rest(piece, "Off the plate, salt, oil and something sharp."),
      ];
    },
  },
  {
    id: "boil",
    label: "Boiled in salt water",
    line: "As salty as the sea, at a full boil, by weight; drained on its back.",
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
        do: `A big pot of water with 3.5 % salt, at ${Math.round(kit.mediumC)} °C; in, lid on, the clock from when it boils again.`,
        cue: cues("Red outside; the middle not yet hot: go by the clock.", [
          ({ centreC }) => centreC >= 48,
          "Red all over; a leg pulls out, the tail springs back.",
        ]),
      }),
      rest(piece, "Drain on its back; into ice only if it is served cold.", feel),
    ],
  },
  {
    id: "court-bouillon",
    label: "In court-bouillon",
    special: true,
    line: "Aromatic stock with wine or vinegar, just under the simmer.",
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
        do: `Stock with 1.2 % salt at ${Math.round(kit.mediumC)} °C to cover; it trembles, it does not boil.`,
        cue: cues("Opaque outside, the middle still glassy.", [isThrough, "Opaque, it gives and comes back."]),
      }),
      rest(piece, "Lift, drain on a cloth, skin off while it is warm."),
    ],
  },
  {
    id: "oil-confit",
    label: "Confit in oil",
    special: true,
    line: "Covered in warm oil, an even soft middle.",
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
    cautions: [
      "Oil this warm makes nothing safe: serve at once; kept under oil it is packed without air and needs a plan (3-502.12; memory, high).",
    ],
    source: PRACTICE,
    build: ({ piece, kit }) => [
      immersed(piece, liquid("butter"), {
        id: "oil",
        name: "In the oil",
        vessel: { ...bathVessel(2, kit.mediumC), label: "2 l of oil" },
        until: { by: "search", part: 1 },
        do: `Oil at ${Math.round(kit.mediumC)} °C to cover, salted before; never a bubble.`,
        cue: cues("Warm, still glassy in the middle.", [isThrough, "The layers show; it gives and comes back."]),
      }),
      rest(piece, "Lift, drain on a rack."),
    ],
  },
  {
    id: "hot-smoke",
    label: "Hot-smoked",
    special: true,
    line: "Brined and dried, smoked in warm air until it is cooked.",
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
    cautions: [
      "Smoking to keep it is another matter: a written plan and, in the US, a variance (3-502.11; memory, high). This is for serving now.",
    ],
    source: PRACTICE,
    build: ({ piece, kit }) => [
      immersed(piece, oven(kit.ovenC), {
        id: "smoke",
        name: "In the smoke",
        heat: inOven(kit.ovenC),
        until: { by: "search", part: 1 },
        do: `Brined and dried until tacky, on a rack in ${Math.round(kit.ovenC)} °C smoke.`,
        cue: cues("Dry and gold outside; the middle still glassy.", [
          isThrough,
          "Gold and dry, it gives; the layers show at the edge.",
        ]),
      }),
      rest(piece),
    ],
  },
  {
    id: "salt-crust",
    label: "In a salt crust",
    special: true,
    line: "Whole, skin and scales on, buried in damp salt, baked, cracked at the table.",
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
    cautions: ["Bones: say so at the table.", "The crust holds its heat: it goes on cooking until it is opened."],
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
        stage(piece, {
          id: "crust",
          name: "In the crust",
          under: crust,
          over: crust,
          around: crust,
          heat: inOven(kit.ovenC),
          until: { by: "search", part: 1 },
          do: `Scales on, 20 mm of damp coarse salt all round, ${Math.round(kit.ovenC)} °C oven; probe through the crust.`,
          cue: cues("The crust is hard; the fish not yet there: probe through it.", [
            ({ centreC }) => centreC >= 40,
            "The crust is hard and dry; the probe through it is warm on the lip.",
          ]),
        }),
        stage(piece, {
          id: "rest",
          name: "To the table",
          under: { on: "steam", film: "stillAir", toC: 70, rampS: 0 },
          over: { on: "steam", film: "stillAir", toC: 70, rampS: 0 },
          around: { on: "steam", film: "stillAir", toC: 70, rampS: 0 },
          until: { by: "rest" },
          do: "Crack it at the table, skin off with the salt.",
          cue: feel,
        }),
      ];
    },
  },
];
