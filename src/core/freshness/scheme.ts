import { keyed } from "@/core/shared";
import { isFinfish, type Form, type Species, type SpeciesGroup } from "@/core/species";
import type { Attribute, Scheme } from "./attribute";
import { SCHEMES } from "./data/schemes";

type Kind = "fish" | "crustacean" | "bivalve" | "gastropod" | "cephalopod" | "urchin" | "roe";

type FormEntry = {
  readonly id: Form;
  readonly label: string;
  readonly kinds: readonly Kind[];
  /** Cut or opened: its life counts from the knife. */
  readonly cut: boolean;
  /** Eaten as it comes: the date-marking rule applies. */
  readonly readyToEat: boolean;
};

const form = (id: Form, label: string, kinds: readonly Kind[], cut = false, readyToEat = false): FormEntry => ({
  id,
  label,
  kinds,
  cut,
  readyToEat,
});

export const FORMS: readonly FormEntry[] = keyed(
  "forms",
  [
    form("whole-ungutted", "Whole, ungutted", ["fish"]),
    form("whole-gutted", "Whole, gutted", ["fish"]),
    form("headed-gutted", "Headed and gutted", ["fish"]),
    form("side", "Side, skin on", ["fish"], true),
    form("fillet", "Fillet", ["fish"], true),
    form("loin", "Loin or tail", ["fish"], true),
    form("smoked", "Smoked or cured", ["fish"], true, true),
    form("live", "Live", ["crustacean", "bivalve", "gastropod", "urchin"]),
    form("raw-whole", "Raw, whole, not alive", ["crustacean", "cephalopod"]),
    form("tails", "Raw tails", ["crustacean"], true),
    form("cooked", "Cooked, in shell", ["crustacean", "gastropod"], false, true),
    form("picked", "Cooked meat, picked", ["crustacean", "bivalve", "gastropod"], true, true),
    form("shucked", "Shucked meat", ["bivalve", "gastropod"], true),
    form("cleaned", "Cleaned", ["cephalopod", "urchin"], true),
    form("tongues", "Tongues in a tray", ["urchin"], true),
    form("sacs", "Whole sacs", ["roe"]),
    // salted or raw, out of the skein or not: the form alone does not make them ready to eat
    form("loose-eggs", "Loose eggs", ["roe"], true),
    // never comes through the door: bones, shells, trim, ink and the like, cut here
    form("by-product", "By-product", [], true),
  ],
  ["label"],
);

const entryOf = (id: Form): FormEntry => FORMS.find((entry) => entry.id === id)!;

export const isCut = (id: Form): boolean => entryOf(id).cut;
export const isReadyToEat = (id: Form): boolean => entryOf(id).readyToEat;
export const formLabel = (id: Form): string => entryOf(id).label;

function kindOf(group: SpeciesGroup): Kind {
  if (isFinfish(group)) return "fish";
  if (group === "echinoderm") return "urchin";
  return group as Exclude<Kind, "fish" | "urchin">;
}

/** The forms this kind of animal is sold in; the first is the usual one. */
export function formsFor(group: SpeciesGroup): readonly FormEntry[] {
  const kind = kindOf(group);
  const fitting = FORMS.filter(({ kinds }) => kinds.includes(kind));
  return kind === "fish" ? [entryOf("whole-gutted"), ...fitting.filter(({ id }) => id !== "whole-gutted")] : fitting;
}

/** The form to start from: what this species is usually bought as. */
export function usualForm({ boughtAs, group, anatomy }: Species): Form {
  if (boughtAs.form) return boughtAs.form;
  if (group === "crustacean") return anatomy === "shrimp" ? "raw-whole" : "live";
  return formsFor(group)[0]!.id;
}

/** The check that fits this kind of animal in this form. */
export function schemeFor(
  { group, anatomy }: Pick<Species, "group" | "anatomy">,
  formId: Form,
  frozen = false,
): Scheme {
  if (frozen) return SCHEMES.frozen;
  if (formId === "smoked") return SCHEMES.smoked;
  switch (kindOf(group)) {
    case "crustacean":
      if (formId === "live") return SCHEMES["live-crustacean"];
      return SCHEMES[formId === "cooked" || formId === "picked" ? "cooked-crustacean" : "raw-shrimp"];
    case "bivalve":
      if (formId === "picked") return SCHEMES["cooked-crustacean"];
      return SCHEMES[formId === "live" ? "live-bivalve" : "shucked-bivalve"];
    case "gastropod":
      return SCHEMES[formId === "cooked" || formId === "picked" ? "cooked-crustacean" : "snail"];
    case "cephalopod":
      return SCHEMES.cephalopod;
    case "urchin":
      return SCHEMES[anatomy === "sea-cucumber" ? "sea-cucumber" : "urchin"];
    case "roe":
      return SCHEMES.roe;
    case "fish":
      if (isCut(formId)) return SCHEMES[group === "large-pelagic" ? "tuna-loin" : "fillet"];
      if (group === "flat") return SCHEMES.flatfish;
      return SCHEMES[group === "salmonid" ? "salmonid" : "whole-round"];
  }
}

/** Signs that have to be looked at before a verdict is one. */
export const decidingSigns = ({ attributes }: Scheme): readonly Attribute[] =>
  attributes.filter(({ decisive, later }) => decisive && !later);
