import { said, type Said } from "@/core/shared";
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

export type Cue = (end: AtEnd) => Said;

type Claim = readonly [when: (end: AtEnd) => boolean, words: Said | Cue];

/** Says the first of these whose claim is true of the piece, else what claims nothing of it. */
export const cues =
  (otherwise: Said, ...claims: readonly Claim[]): Cue =>
  (end) => {
    const words = claims.find(([when]) => when(end))?.[1] ?? otherwise;
    return typeof words === "function" ? words(end) : words;
  };

export const isThrough = ({ throughSet }: AtEnd): boolean => throughSet;
export const isBrowned = ({ browned }: AtEnd): boolean => browned;
/** The opaque rim has come in a little way from every side. */
export const hasEdge = ({ lineShare }: AtEnd): boolean => lineShare > 0.08;
/** Nearly through: only the very middle is glassy. */
export const nearlyThrough = ({ lineShare, throughSet, thicknessMm }: AtEnd): boolean =>
  throughSet || lineShare > 0.36 || (0.5 - lineShare) * thicknessMm < 2;

type Feel = Readonly<Record<"rare" | "middle" | "flaking" | "done", Said>>;

const FISH: Feel = {
  rare: said("methods.coolToWarmAndGlassyIn"),
  middle: said("methods.layersJustSlideUnderTheThumb"),
  flaking: said("methods.bigFlakesPartUnderAGentle"),
  done: said("methods.opaqueThroughAndFirmFlakesFall"),
};
const SHELL: Feel = {
  rare: said("methods.glassyInTheMiddleTheOutside"),
  middle: said("methods.springsBackTheMiddleJustGlassy"),
  flaking: said("methods.opaqueWithAPearlALittle"),
  done: said("methods.opaqueThroughFirmAsTheTip"),
};
const FEEL: Readonly<Record<DonenessGroup, Feel>> = {
  salmonid: FISH,
  "white-flake": FISH,
  flat: { ...FISH, flaking: said("methods.opaqueAndMoistFlakesLiftFrom") },
  dense: {
    ...FISH,
    flaking: said("methods.springsBackLikeACookedLobster"),
    middle: said("methods.givesAndComesBackTheMiddle"),
  },
  tuna: { ...FISH, rare: said("methods.greyRimRedInTheMiddle"), middle: said("methods.greyRimRosyInTheMiddle") },
  scallop: SHELL,
  lobster: SHELL,
  shrimp: { ...SHELL, flaking: said("methods.opaqueCurledToACA") },
  squid: { ...SHELL, flaking: said("methods.opaqueAtOnceStillTender"), done: said("methods.opaqueThrough") },
  octopus: { ...SHELL, done: said("methods.opaqueThrough") },
};

/** What a finger finds at the plate, by how done it is. */
export function howItFeels({ group, band, tender }: AtEnd): Said {
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
      return tender >= 0.97 ? said("methods.aSkewerSlidesThroughTheThick2") : words.done;
    default:
      return words.done;
  }
}
