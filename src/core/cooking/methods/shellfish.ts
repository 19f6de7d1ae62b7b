import { cues, feel, hasEdge, isBrowned, isThrough, nearlyThrough, type Cue } from "./cue";
import { panVessel, potVessel } from "../model";
import { broilerView } from "../model";
import { inOven, KITCHEN, knob, metal, NOTHING, rest, sidesOf, stage, type BuildContext, type Method } from "./method";
import { STATION } from "../model";

const PRACTICE = "common practice";
const FOAM_C = 130;

function scallopSear({ piece, kit, pan, school }: BuildContext) {
  const hot = panVessel(pan, kit.panC);
  const first = {
    "smoking-oil": { part: 0.85, film: "panFlesh", name: "Smoking oil, one side" },
    "steaming-butter": { part: 0.55, film: "panFlesh", name: "Butter and oil as they steam" },
    "dry-plate": { part: 0.65, film: "panDry", name: "Dry plate, no fat" },
  } as const;
  const way = first[school as keyof typeof first] ?? first["steaming-butter"];
  const basted = school === "steaming-butter";
  return [
    stage(piece, {
      id: "first",
      name: way.name,
      under: metal(way.film),
      over: KITCHEN,
      vessel: hot,
      until: { by: "search", part: way.part },
      do: `Dry, salt now, ${Math.round(kit.panC)} °C, clockwise from twelve; do not move them.`,
      cue: cues("It still holds: leave it until it is gold and lets go.", [
        isBrowned,
        "Gold up the rim, and it lets go.",
      ]),
    }),
    stage(piece, {
      id: "turn",
      name: basted ? "Turn and baste" : "Turn into butter",
      down: 1,
      under: metal("panFlesh"),
      over: basted ? { on: "baste", fatC: FOAM_C, share: 0.5 } : KITCHEN,
      vessel: hot,
      until: { by: "search", part: 1 - way.part },
      do: basted
        ? "Turn in the order they went in; spoon the foam over."
        : "Turn in the order they went in, a knob of butter.",
      cue: cues(
        "Still glassy through: go by the clock.",
        [({ throughSet }) => throughSet, "Springs back, opaque at the waist."],
        [hasEdge, "Springs back; a glassy line left around the waist."],
      ),
    }),
    rest(piece, "Out onto a warm cloth, gold side up."),
  ];
}

export const SHELLFISH_METHODS: readonly Method[] = [
  {
    id: "scallop-sear",
    label: "Scallop in the pan",
    line: "A gold face, a just-set middle; three ways with the pan.",
    knobs: [knob("panC", "Pan", 230, 120, 280)],
    schools: [
      {
        id: "steaming-butter",
        label: "Cooked gently in steaming butter, 3 min, then 2-3 min basting: no sear",
        why: "for scallops over 22 mm: it alone carries them from cold to a set middle before the face is too dark",
        kit: { panC: 155 },
        practice: { fromS: 300, toS: 360 },
      },
      {
        id: "smoking-oil",
        label: "Smoking oil, about a minute, then a few seconds in butter",
        why: "up to 18 mm the default: darkest crust, least time; a heavy pan, well tempered scallops",
        practice: { fromS: 65, toS: 120 },
      },
      {
        id: "dry-plate",
        label: "Dry non-stick plate, fat only at the turn",
        why: "18 to 22 mm the default: cleanest flavour, evenest gold; poorer contact, so longer",
        kit: { panC: 220 },
        practice: { fromS: 90, toS: 180 },
      },
    ],
    suits: { groups: ["scallop"], shapes: ["puck"], thicknessMm: [15, 40], skin: "either" },
    longestS: 900,
    brings: ["milk"],
    cautions: ["Hot fat and wet scallops spit: dry them first."],
    source: PRACTICE,
    build: scallopSear,
  },
  {
    id: "langoustine",
    label: "Langoustine on its sides",
    line: "Hot pan, on the sides first, then the belly; a little butter to tame it; glaze.",
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
    cautions: ["Shell edges cut; hot shell spits."],
    source: PRACTICE,
    build: ({ piece, kit, pan }) => {
      const vessel = panVessel(pan, kit.panC);
      const lying = sidesOf(piece, metal("panDry"), KITCHEN);
      const one = (id: string, name: string, part: number, task: string, cue: Cue) =>
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
          `Oiled ${Math.round(kit.panC)} °C pan, first one side, then the other.`,
          cues("Shell turning coral.", [hasEdge, "Shell coral, the edge of the flesh opaque."]),
        ),
        one(
          "belly",
          "On the belly, butter",
          0.4,
          "Belly down, a little butter to tame the pan; glaze.",
          cues(
            "The edge opaque, the middle still raw: go by the clock.",
            [isThrough, "Opaque through, a little give."],
            [nearlyThrough, "Opaque with a pearl in the middle."],
          ),
        ),
        rest(piece),
      ];
    },
  },
  {
    id: "steam-broil",
    label: "Steamed, rested, then broiled",
    line: "Steam most of the way, rest, split, herb butter, a few minutes under the glow.",
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
    cautions: [
      "Steam burns: lift the lid away from you. Live animals: stun by the house's humane method first.",
      "Broiled raw all the way it turns tough and burnt; crumbs and garlic burn first.",
    ],
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
          do: "Over hard steam, lid on.",
          cue: cues("Shell red; the tail not yet set: go by the clock.", [
            ({ centreC }) => centreC >= 45,
            "Shell red all over, tail curls back when pulled.",
          ]),
        }),
        stage(piece, {
          id: "stand",
          name: "Rest and split",
          under: KITCHEN,
          over: KITCHEN,
          until: { by: "clock", seconds: 600 },
          do: "Rest 10 min, split lengthwise, herb butter on the cut face.",
          cue: () => "The heat has gone inward; juices stay in when you cut.",
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
          do: `Cut face up, ${Math.round(kit.distanceMm)} mm under the element, 8 min at most.`,
          cue: cues("Butter bubbles; hot to the middle.", [
            isBrowned,
            "Butter bubbles, edges gold; crumbs and garlic not yet brown.",
          ]),
        }),
        rest(piece),
      ];
    },
  },
  {
    id: "open-shells",
    label: "Steamed open",
    line: "Wine or cider at a hard boil, lid on, shaken; out as they open.",
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
    cautions: [
      "Throw away what stays shut after the rest are open and what was open and would not close before.",
      "Opening is not proof of cooking: biotoxins and some viruses outlast it; the tag says where they grew.",
    ],
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
          do: "Liquid boiling hard, shells in two layers at most, lid on, shake once.",
          cue: () => "Shells gape; take each out as it opens.",
        }),
        rest(
          piece,
          "Lid off; serve with their liquor.",
          () => "All gape, the meat plump and loose from the shell; any that stayed shut is out.",
        ),
      ];
    },
  },
  {
    id: "parcel",
    label: "In a parcel",
    line: "Closed in paper with its garnish and a little air; ready when it has blown up.",
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
    cautions: ["Steam from the parcel: open it away from you."],
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
        stage(piece, {
          id: "oven",
          name: "In the oven",
          under: inside,
          over: inside,
          around: inside,
          heat: inOven(kit.ovenC),
          until: { by: "search", part: 1 },
          do: `Air left in the parcel, ${Math.round(kit.ovenC)} °C oven, on a hot tray.`,
          cue: cues("The paper softens; no steam in it yet.", [
            ({ seconds }) => seconds >= inside.rampS,
            "Blown up tight with its steam.",
          ]),
        }),
        stage(piece, {
          id: "rest",
          name: "To the table",
          under: { on: "steam", film: "stillAir", toC: 60, rampS: 0 },
          over: { on: "steam", film: "stillAir", toC: 60, rampS: 0 },
          around: { on: "steam", film: "stillAir", toC: 60, rampS: 0 },
          until: { by: "rest" },
          do: "On a napkin so that it stays puffed; opened at the table.",
          cue: feel,
        }),
      ];
    },
  },
];
