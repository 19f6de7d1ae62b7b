import { said, type Said } from "@/core/shared";
import type { AllergenId } from "@/core/safety";
import type { Anatomy, DonenessGroup } from "@/core/species";
import { STATION, type Pan } from "../model";
import type { Surroundings } from "../model";
import type { PieceShape, StovePiece } from "../model";
import type { Touch } from "../model";
import type { Vessel } from "../model";
import { howItFeels, type Cue } from "./cue";

/** What the cook sets before the fish goes in, °C or mm. */
export type KnobId = "panC" | "ovenC" | "mediumC" | "secondC" | "sourceC" | "distanceMm";
export type Kit = Readonly<Record<KnobId, number>>;
export type Knob = {
  readonly id: KnobId;
  readonly label: string;
  readonly usual: number;
  readonly kind: "temperature" | "length";
  readonly min: number;
  readonly max: number;
};

/** Where good cooks disagree: the ways, and why one is the default. The first is the default. */
export type School = {
  readonly id: string;
  readonly label: string;
  readonly why: Said;
  /** Settings that belong to the school, where they differ from the method's. */
  readonly kit?: Partial<Record<KnobId, number>>;
  readonly practice?: Practice;
};

/** What cooks say it takes, heat stages together, s; held against the plan, and the size it fits is named where it cannot be right. */
export type Practice = { readonly fromS: number; readonly toS: number };

/** Who ends a stage. */
export type Until =
  | { readonly by: "clock"; readonly seconds: number }
  /** The skin is crisp and the opaque line has climbed; at most so long. */
  | { readonly by: "crisp"; readonly line: number; readonly crustMm: number; readonly longestS: number }
  /** Its part of the time the planner looks for. */
  | { readonly by: "search"; readonly part: number }
  /** The centre at its warmest. */
  | { readonly by: "rest" };

export type StageTemplate = Surroundings & {
  readonly id: string;
  readonly name: string;
  readonly until: Until;
  readonly do: Said;
  /** What is to be seen at its end, true of the piece at that moment. */
  readonly cue: Cue;
};

export type MethodId =
  | "skin-then-oven"
  | "skin-turned"
  | "skin-unturned"
  | "herb-first"
  | "floured-grill"
  | "ridged-rare"
  | "wrapped"
  | "bread-crusted"
  | "scallop-sear"
  | "langoustine"
  | "butter-poach"
  | "butter-warm"
  | "stock-butter"
  | "shallow-poach"
  | "steam"
  | "steam-broil"
  | "broil"
  | "bath-sear"
  | "parcel"
  | "deep-fry"
  | "crab-cake"
  | "simmer-char"
  | "braise"
  | "roast-bone"
  | "roast-whole"
  | "hot-plate"
  | "meuniere"
  | "plain-grill"
  | "plancha"
  | "boil"
  | "court-bouillon"
  | "oil-confit"
  | "hot-smoke"
  | "salt-crust"
  | "open-shells";

export type BuildContext = {
  readonly piece: StovePiece;
  readonly kit: Kit;
  readonly pan: Pan;
  readonly school: string;
};

/**
 * How the animal goes to the heat. piece: flesh without shell and bone, on the bone where that is usual; whole: a fish on the bone, a
 * crustacean in its shell; tails: out of the shell; shells: bivalves and snails in theirs; cake: minced and shaped; stuffed: a tube.
 */
export const COOK_FORMS = ["piece", "whole", "tails", "shells", "cake", "stuffed"] as const;
export type CookForm = (typeof COOK_FORMS)[number];

/** Whom a method suits: what the cards are ordered by. */
export type Suits = {
  readonly groups: readonly DonenessGroup[];
  readonly shapes: readonly PieceShape["kind"][];
  readonly thicknessMm: readonly [number, number];
  readonly skin: "needed" | "either" | "off";
  /** How the animal has to be built; left out: any of its groups. A whole fish is no lobster, a ridged pan no place for a shell. */
  readonly builds?: readonly Anatomy[];
  /** How it has to be dressed; left out: a piece of flesh. */
  readonly forms?: readonly CookForm[];
};

export type Method = {
  readonly id: MethodId;
  readonly label: string;
  readonly line: Said;
  readonly knobs: readonly Knob[];
  readonly schools: readonly School[];
  readonly suits: Suits;
  /** Tenderness of cephalopod collagen is the goal, not a centre temperature. */
  readonly tender?: boolean;
  /** Shells open: the goal is the adductor letting go. */
  readonly opens?: boolean;
  /** Leaves the middle raw or barely warm on purpose. */
  readonly rare?: boolean;
  /** A way that wants its own reason: it is offered, and does not come first by itself. */
  readonly special?: boolean;
  /** Cooked before: it is only warmed through. */
  readonly warms?: boolean;
  /** Cooked in a bag in a bath. */
  readonly bath?: boolean;
  /** Minced and shaped: judged by the rule for comminuted fish. */
  readonly comminuted?: boolean;
  readonly coatMm?: number;
  /** Shortest useful time of the searched stages, s. */
  readonly shortestS?: number;
  readonly longestS: number;
  readonly practice?: Practice;
  /** Allergens the way itself brings: butter, flour, crumb, batter. */
  readonly brings: readonly AllergenId[];
  readonly cautions: readonly Said[];
  readonly source: string;
  readonly build: (context: BuildContext) => readonly StageTemplate[];
};

export const knob = (id: KnobId, label: string, usual: number, min: number, max: number): Knob => ({
  id,
  label,
  usual,
  kind: id === "distanceMm" ? "length" : "temperature",
  min,
  max,
});
export const PAN = knob("panC", "Pan", 200, 120, 280);
export const OVEN = knob("ovenC", "Oven", 180, 80, 280);

export const NOTHING: Touch = { on: "nothing" };
export const KITCHEN: Touch = { on: "air", film: "stillAir", airC: STATION.kitchenC, kind: "still" };
export const oven = (airC: number): Touch => ({ on: "air", film: "ovenDry", airC, kind: "oven" });
export const metal = (film: "panSkin" | "panFlesh" | "panDry" | "ridged" | "warmPlate"): Touch => ({
  on: "vessel",
  film,
});
export const liquid = (film: "simmer" | "poach" | "butter" | "deepFat" | "bath"): Touch => ({ on: "vessel", film });

/** What a round piece or the side of a tall one meets: mostly what is over it, some of what is under. */
const LYING_SHARE = 0.3;
export const sidesOf = (piece: StovePiece, under: Touch, over: Touch): Touch =>
  piece.shape.kind === "puck"
    ? over
    : {
        on: "mix",
        of: [
          [LYING_SHARE, under],
          [1 - LYING_SHARE, over],
        ],
      };

type Lying = {
  readonly id: string;
  readonly name: string;
  readonly down?: 0 | 1;
  readonly under: Touch;
  readonly over: Touch;
  readonly around?: Touch;
  readonly vessel?: Vessel | null;
  readonly heat?: Surroundings["heat"];
  readonly until: Until;
  readonly do: Said;
  readonly cue: StageTemplate["cue"];
};

/** A stage with its usual blanks filled: first face down, nobody heats, the sides as the piece lies. */
export const stage = (piece: StovePiece, lying: Lying): StageTemplate => ({
  ...lying,
  down: lying.down ?? 0,
  around: lying.around ?? sidesOf(piece, lying.under, lying.over),
  vessel: lying.vessel ?? null,
  heat: lying.heat ?? (lying.vessel ? { by: "burner" } : { by: "nobody" }),
});

/** All faces in the same medium. */
export const immersed = (
  piece: StovePiece,
  medium: Touch,
  lying: Omit<Lying, "under" | "over" | "around">,
): StageTemplate => stage(piece, { ...lying, under: medium, over: medium, around: medium });

export const rest = (piece: StovePiece, what?: Said, cue?: Cue): StageTemplate =>
  stage(piece, {
    id: "rest",
    name: "Rest",
    down: 1,
    under: KITCHEN,
    over: KITCHEN,
    around: KITCHEN,
    until: { by: "rest" },
    do: what ?? said("methods.outOfTheHeatPresentationSide"),
    cue: cue ?? howItFeels,
  });

export const inOven = (airC: number, filmWPerM2K = 25): Surroundings["heat"] => ({ by: "oven", airC, filmWPerM2K });
