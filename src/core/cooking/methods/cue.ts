import type { DonenessGroup } from "@/core/species";
import type { OutcomeId } from "../doneness";

/** The piece as the model has it at the end of a stage: what a cue may speak of. */
export type AtEnd = {
  readonly group: DonenessGroup;
  readonly seconds: number;
  readonly thicknessMm: number;
  /** How far the opaque line has climbed from the first face, or from the rim of a round piece; 1: all of the way. */
  readonly lineShare: number;
  readonly centreC: number;
  /** The middle has set. */
  readonly throughSet: boolean;
  /** A face has browned. */
  readonly browned: boolean;
  readonly crisp: boolean;
  /** Outermost temperature of the face that is on the heat, or around. */
  readonly outsideC: number;
  /** Softening of cephalopod collagen; 1 is tender. */
  readonly tender: number;
  readonly waterLossPct: number;
  /** How it would be named if it were eaten now. */
  readonly band: OutcomeId;
};

export type Cue = (end: AtEnd) => string;

type Said = readonly [when: (end: AtEnd) => boolean, words: string | ((end: AtEnd) => string)];

/** Says the first of these whose claim is true of the piece, else what claims nothing of it. */
export const cues =
  (otherwise: string, ...said: readonly Said[]): Cue =>
  (end) => {
    const words = said.find(([when]) => when(end))?.[1] ?? otherwise;
    return typeof words === "string" ? words : words(end);
  };

export const isThrough = ({ throughSet }: AtEnd): boolean => throughSet;
export const isBrowned = ({ browned }: AtEnd): boolean => browned;
/** The opaque rim has come in a little way from every side. */
export const hasEdge = ({ lineShare }: AtEnd): boolean => lineShare > 0.08;
/** Nearly through: only the very middle is glassy. */
export const nearlyThrough = ({ lineShare, throughSet, thicknessMm }: AtEnd): boolean =>
  throughSet || lineShare > 0.36 || (0.5 - lineShare) * thicknessMm < 2;

type Feel = Readonly<Record<"rare" | "middle" | "flaking" | "done", string>>;

const FISH: Feel = {
  rare: "Cool to warm and glassy in the middle, the outside set.",
  middle: "Layers just slide under the thumb, the middle still glossy.",
  flaking: "Big flakes part under a gentle thumb, the middle pearly.",
  done: "Opaque through and firm, flakes fall apart.",
};
const SHELL: Feel = {
  rare: "Glassy in the middle, the outside set.",
  middle: "Springs back, the middle just glassy.",
  flaking: "Opaque with a pearl, a little give.",
  done: "Opaque through, firm as the tip of the nose.",
};
const FEEL: Readonly<Record<DonenessGroup, Feel>> = {
  salmonid: FISH,
  "white-flake": FISH,
  flat: { ...FISH, flaking: "Opaque and moist, flakes lift from each other." },
  dense: {
    ...FISH,
    flaking: "Springs back like a cooked lobster tail.",
    middle: "Gives and comes back, the middle pearly.",
  },
  tuna: { ...FISH, rare: "Grey rim, red in the middle.", middle: "Grey rim, rosy in the middle." },
  scallop: SHELL,
  lobster: SHELL,
  shrimp: { ...SHELL, flaking: "Opaque, curled to a C, a little give." },
  squid: { ...SHELL, flaking: "Opaque at once, still tender.", done: "Opaque through." },
  octopus: { ...SHELL, done: "Opaque through." },
};

/** What a finger finds at the plate, by how done it is. */
export function feel({ group, band, tender }: AtEnd): string {
  const words = FEEL[group];
  switch (band) {
    case "translucent":
      return words.rare;
    case "mi-cuit":
      return words.middle;
    case "medium":
      return words.middle;
    case "just-flaking":
      return words.flaking;
    case "tender":
      return tender >= 0.97 ? "A skewer slides through the thick end." : words.done;
    default:
      return words.done;
  }
}
