import { keyed } from "@/core/shared";
import type { DonenessGroup } from "@/core/species";

/** What a cook can aim for; `translucent` and `dry` are where a centre ends by accident or on purpose. */
export const TARGET_DONENESS = ["mi-cuit", "medium", "just-flaking", "done"] as const;
export type TargetDoneness = (typeof TARGET_DONENESS)[number];
export type DonenessId = TargetDoneness | "translucent" | "dry";

export const DONENESS_LABELS: Readonly<Record<DonenessId, string>> = keyed(
  "doneness",
  {
    translucent: "Translucent",
    "mi-cuit": "Mi-cuit",
    medium: "Medium",
    "just-flaking": "Just flaking",
    done: "Done",
    dry: "Dry",
  },
  [],
);

type PrintedBands = Readonly<Record<TargetDoneness, readonly [number, number]>> & {
  readonly translucentBelowC: number;
  readonly dryAboveC: number;
  readonly source: string;
};

const CUSTOM = "common practice, confidence medium; borders overlap by about 2 K";

/** Centre when eaten, °C at the slowest point, as the table of the trade prints it. */
export const DONENESS_BANDS: Readonly<Record<DonenessGroup, PrintedBands>> = {
  salmonid: {
    translucentBelowC: 40,
    "mi-cuit": [40, 45],
    medium: [46, 50],
    "just-flaking": [51, 55],
    done: [56, 62],
    dryAboveC: 65,
    source: CUSTOM,
  },
  "white-flake": {
    translucentBelowC: 42,
    "mi-cuit": [42, 46],
    medium: [47, 50],
    "just-flaking": [51, 56],
    done: [57, 62],
    dryAboveC: 64,
    source: CUSTOM,
  },
  flat: {
    translucentBelowC: 42,
    "mi-cuit": [43, 47],
    medium: [48, 52],
    "just-flaking": [52, 56],
    done: [57, 62],
    dryAboveC: 64,
    source: CUSTOM,
  },
  dense: {
    translucentBelowC: 42,
    "mi-cuit": [43, 48],
    medium: [49, 54],
    "just-flaking": [54, 58],
    done: [58, 64],
    dryAboveC: 66,
    source: CUSTOM,
  },
  tuna: {
    translucentBelowC: 35,
    "mi-cuit": [35, 42],
    medium: [43, 50],
    "just-flaking": [51, 57],
    done: [58, 63],
    dryAboveC: 63,
    source: CUSTOM,
  },
  scallop: {
    translucentBelowC: 40,
    "mi-cuit": [40, 47],
    medium: [48, 53],
    "just-flaking": [53, 57],
    done: [58, 62],
    dryAboveC: 63,
    source: CUSTOM,
  },
  lobster: {
    translucentBelowC: 45,
    "mi-cuit": [46, 52],
    medium: [53, 57],
    "just-flaking": [58, 60],
    done: [60, 63],
    dryAboveC: 68,
    source: CUSTOM,
  },
  shrimp: {
    translucentBelowC: 45,
    "mi-cuit": [46, 51],
    medium: [52, 56],
    "just-flaking": [57, 60],
    done: [60, 64],
    dryAboveC: 68,
    source: CUSTOM,
  },
  // short way only; past 60 °C squid is tough until its collagen has softened, which this table does not speak of
  squid: {
    translucentBelowC: 45,
    "mi-cuit": [45, 50],
    medium: [50, 55],
    "just-flaking": [55, 60],
    done: [58, 60],
    dryAboveC: 60,
    source: CUSTOM,
  },
  // tender by time only; the figures are those of squid and serve a quick sear of a thin slice
  octopus: {
    translucentBelowC: 45,
    "mi-cuit": [45, 50],
    medium: [50, 55],
    "just-flaking": [55, 60],
    done: [58, 60],
    dryAboveC: 60,
    source: CUSTOM,
  },
};

/** What the station cooks a kind of fish to when nobody says otherwise (common practice). */
export const USUAL_DONENESS: Readonly<Record<DonenessGroup, TargetDoneness>> = {
  salmonid: "medium",
  "white-flake": "just-flaking",
  flat: "just-flaking",
  dense: "just-flaking",
  tuna: "mi-cuit",
  scallop: "medium",
  lobster: "just-flaking",
  shrimp: "just-flaking",
  squid: "just-flaking",
  octopus: "just-flaking",
};
