import { keyed } from "@/core/shared";
import type { SpeciesGroup } from "./types";

export const GROUP_LABELS: Readonly<Record<SpeciesGroup, string>> = keyed(
  "groups",
  {
    "lean-round": "Lean round fish",
    flat: "Flatfish",
    salmonid: "Salmonids",
    "oily-round": "Oily fish",
    "large-pelagic": "Tuna and other large fish",
    crustacean: "Crustaceans",
    bivalve: "Bivalves",
    gastropod: "Whelks and sea snails",
    cephalopod: "Squid, cuttlefish, octopus",
    echinoderm: "Urchins",
    roe: "Roe",
  },
  [],
);

const FINFISH: readonly SpeciesGroup[] = ["lean-round", "flat", "salmonid", "oily-round", "large-pelagic"];

export const isFinfish = (group: SpeciesGroup): boolean => FINFISH.includes(group);

/** Eggs and urchins are eaten raw, or warmed off the heat: no pan is planned for them. */
export const isCooked = (group: SpeciesGroup): boolean => group !== "roe" && group !== "echinoderm";

/** What the law makes the menu name. EU: Reg. (EU) 1169/2011, Annex II; US: nine allergens, molluscs not among them (memory, high). */
export function allergenOf(group: SpeciesGroup): "fish" | "crustaceans" | "molluscs" | null {
  if (isFinfish(group) || group === "roe") return "fish";
  if (group === "crustacean") return "crustaceans";
  return group === "echinoderm" ? null : "molluscs";
}
