import { panVessel, plateVessel } from "../model";
import { cues, feel, isBrowned, nearlyThrough } from "./cue";
import { inOven, KITCHEN, knob, metal, oven, OVEN, PAN, rest, stage, type Method } from "./method";
import { FINFISH, HOT_OIL, lineWords } from "./skinCrisp";

const PRACTICE = "common practice";

export const PAN_METHODS: readonly Method[] = [
  {
    id: "herb-first",
    label: "Herb side first, then low",
    line: "Skinless: the herbed face set hot, turned, finished on a low flame.",
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
        do: `Herbs pressed on, oil in the ${Math.round(kit.panC)} °C pan, herb side down, do not touch it.`,
        cue: cues("The herbs have set to the flesh; leave it until it lets go.", [
          isBrowned,
          "The herbs have set to the flesh and it lets go.",
        ]),
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
        do: "Turn, flame right down.",
        cue: (end) =>
          `${nearlyThrough(end) ? "Both lines have met but for a band" : "The lines have not met yet"}; ${feel(end).toLowerCase()}`,
      }),
      rest(piece),
    ],
  },
  {
    id: "wrapped",
    label: "Wrapped and sealed on all sides",
    line: "Ham or leaves around it, all faces on the metal; pink inside, but hot.",
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
    cautions: ["The wrapping brings its own salt: season no more."],
    source: PRACTICE,
    build: ({ piece, kit, pan }) => {
      const vessel = panVessel(pan, kit.panC);
      const one = (id: string, name: string, down: 0 | 1, task: string) =>
        stage(piece, {
          id,
          name,
          down,
          under: metal("panDry"),
          over: KITCHEN,
          vessel,
          until: { by: "clock", seconds: 75 },
          do: task,
          cue: cues("The wrapping holds by itself.", [isBrowned, "The wrapping has crisped and holds by itself."]),
        });
      return [
        one("seam", "Seam down", 0, `Seam down in the oiled ${Math.round(kit.panC)} °C pan.`),
        one("turn", "Turn it through", 1, "Turn it through all its sides."),
        stage(piece, {
          id: "oven",
          name: "Oven",
          under: metal("panDry"),
          over: oven(kit.ovenC),
          vessel,
          heat: inOven(kit.ovenC),
          until: { by: "search", part: 1 },
          do: `Pan into the ${Math.round(kit.ovenC)} °C oven.`,
          cue: cues("Crisp outside; the middle still cool: go by the probe.", [
            ({ centreC }) => centreC >= 40,
            "Crisp outside; a needle from the middle is warm on the lip.",
          ]),
        }),
        rest(piece, "Rest it whole; slice after."),
      ];
    },
  },
  {
    id: "bread-crusted",
    label: "Bread-crusted",
    line: "Bread side down until it sets, into the oven without turning, turned once at the end.",
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
          do: `Thin bread pressed on, down in the buttered ${Math.round(kit.panC)} °C pan.`,
          cue: () => "The bread has set and slides.",
        }),
        stage(piece, {
          id: "oven",
          name: "Oven, not turned",
          under: { on: "vessel", film: "panDry" },
          over: oven(kit.ovenC),
          vessel,
          heat: inOven(kit.ovenC),
          until: { by: "search", part: 1 },
          do: `Into the ${Math.round(kit.ovenC)} °C oven as it lies.`,
          cue: cues("Lift a corner: golden, never black; the sides not yet closed.", [
            ({ lineShare, throughSet }) => throughSet || lineShare > 0.4,
            "Golden when you lift a corner, never black; sides opaque.",
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
          do: "Turn once, bread up.",
          cue: () => "The flesh side has closed.",
        }),
        rest(piece),
      ];
    },
  },
  {
    id: "crab-cake",
    label: "Cakes, pan then oven",
    line: "Golden butter, not touched until the crust holds, turned, finished in the oven.",
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
    cautions: ["Minced fish carries the surface inside: cook it through."],
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
          do: `Golden butter in the ${Math.round(kit.panC)} °C pan, cakes in, do not touch them.`,
          cue: cues("Not yet a crust: leave it until it holds when nudged.", [
            isBrowned,
            "A crust that holds when nudged.",
          ]),
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
          do: `Turn, into the ${Math.round(kit.ovenC)} °C oven.`,
          cue: cues("Firm at the edge, the middle still soft: go by the probe.", [
            ({ centreC }) => centreC >= 60,
            "Firm to the finger, hot in the middle.",
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
    line: "Set on one side only; the warm plate and the pass finish it.",
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
    cautions: ["A warm plate does not make under-cooked fish safe: the advisory stands."],
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
          do: `Oiled ${Math.round(kit.panC)} °C pan, one side only.`,
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
          do: `Raw side down on a ${Math.round(kit.secondC)} °C plate; to the pass at once.`,
          cue: feel,
        }),
      ];
    },
  },
];
