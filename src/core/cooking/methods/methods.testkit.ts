import type { DonenessGroup } from "@/core/species";
import { findSpecies } from "@/core/species";
import type { Method } from "./table";
import { shapeFor } from "../model";
import type { CookRequest } from "../plan";

/** One animal of every group. */
const FISH: Readonly<Record<DonenessGroup, string>> = {
  salmonid: "arctic-char",
  "white-flake": "cod",
  flat: "turbot",
  dense: "monkfish",
  tuna: "yellowfin-tuna",
  scallop: "king-scallop",
  lobster: "european-lobster",
  shrimp: "langoustine",
  squid: "squid",
  octopus: "octopus",
};

/** A piece that fits: the middle of the method's range, its first shape, its first group. */
export function fitting(method: Method, schoolId?: string): CookRequest {
  const { suits } = method;
  const species = findSpecies(method.opens ? "mussel" : FISH[suits.groups[0]!])!;
  const sizeMm = (suits.thicknessMm[0] + suits.thicknessMm[1]) / 2;
  const massG = method.opens ? 16 : suits.shapes[0] === "puck" ? 35 : 150;
  return {
    species,
    shape: shapeFor(suits.shapes[0]!, method.id === "ridged-rare" ? 45 : sizeMm, massG, species.compositionPct),
    skin: suits.skin === "needed",
    startC: 10,
    methodId: method.id,
    ...(schoolId ? { schoolId } : {}),
    goal: { kind: "centre", targetC: method.id === "ridged-rare" ? 32 : 50 },
    ruleSetId: "eu-853",
    pieceG: massG,
  };
}
