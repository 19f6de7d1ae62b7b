import type { Species } from "@/core/species";
import type { SkinCrispSetup } from "./skinCrisp";
import type { CookOutcome, CookTimes } from "./times";

/** One step at the stove: what to do, what to look for, what the probe reads at its end, how long. */
export type CookStage = {
  readonly id: "pan" | "oven" | "rest";
  readonly name: string;
  readonly seconds: number;
  /** The side on the metal. */
  readonly face: "skin" | "flesh" | "none";
  readonly do: string;
  readonly cue: string;
  readonly probeC: number;
};

const FEEL: Record<Species["donenessGroup"], string> = {
  salmonid: "layers just slide under the thumb, the middle still glossy",
  "white-flake": "big flakes part under a gentle thumb, the middle pearly",
  flat: "opaque and moist, flakes lift from each other",
  dense: "springs back like a cooked lobster tail",
  tuna: "grey rim, red and warm inside",
  scallop: "springs back, the middle just glassy",
  lobster: "opaque with a pearl, firm as the tip of the nose",
  shrimp: "opaque, curled to a C, a little give",
  squid: "opaque at once, still tender",
  octopus: "a skewer slides through the thick end",
};

export function stagesOf(
  setup: SkinCrispSetup,
  times: CookTimes,
  outcome: CookOutcome,
  species: Species,
): readonly CookStage[] {
  const down = setup.skin ? "skin" : "flesh";
  const lineMm = Math.round(outcome.turnLineMm);
  const share = outcome.turnLineMm / setup.thicknessMm;
  const height =
    share < 0.2
      ? "just above the pan"
      : share < 0.3
        ? "a quarter of the way up"
        : share < 0.4
          ? "a third of the way up"
          : "halfway up";
  const lets = setup.skin ? "the skin lets go by itself" : "the face has browned and lets go";
  const stages: CookStage[] = [
    {
      id: "pan",
      name: setup.skin ? "Skin down" : "Best side down",
      seconds: times.panS,
      face: down,
      do: `Dry, oil the ${Math.round(setup.panC)} °C pan, lay it ${down} down away from you, press flat 10 s, then leave it.`,
      cue: `Opaque line ${height} the side (${lineMm} of ${Math.round(setup.thicknessMm)} mm); ${lets}.`,
      probeC: outcome.turnCentreC,
    },
  ];
  if (times.ovenS > 0) {
    stages.push({
      id: "oven",
      name: "Turn and oven",
      seconds: times.ovenS,
      face: setup.skin ? "flesh" : "none",
      do: `Turn, pan into the ${Math.round(setup.ovenC)} °C oven. Cloth on the handle.`,
      cue: `Sides opaque, the top gives and comes back; ${setup.skin ? "skin dry and crackling" : "top dry"}.`,
      probeC: outcome.pullC,
    });
  }
  stages.push({
    id: "rest",
    name: "Rest",
    seconds: outcome.restS,
    face: "none",
    do: `Out of the pan, ${setup.skin ? "skin up" : "best side up"}, on a warm tray. Never under foil.`,
    cue: `${FEEL[species.donenessGroup][0]!.toUpperCase()}${FEEL[species.donenessGroup].slice(1)}.`,
    probeC: outcome.peakC,
  });
  return stages;
}
