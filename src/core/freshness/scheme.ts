import type { SpeciesGroup } from "@/core/species";
import { SCHEMES } from "./data/schemes";

export type Grade = 0 | 1 | 2 | 3;

export type Attribute = {
  readonly id: string;
  readonly label: string;
  /** Smell and gill decide alone: a 3 there refuses the lot whatever the sum. */
  readonly decisive: boolean;
  /** Own plain words for grades 0 (as caught), 1, 2 and 3 (reject). */
  readonly words: readonly [string, string, string, string];
};

export type Scheme = { readonly id: SchemeId; readonly label: string; readonly attributes: readonly Attribute[] };

export type SchemeId = "whole-round" | "flatfish" | "salmonid" | "fillet" | "tuna-loin";

/** How the fish came in. */
export type Form = "whole-ungutted" | "whole-gutted" | "headed-gutted" | "side" | "fillet" | "loin";

export const FORMS: readonly { readonly id: Form; readonly label: string; readonly cut: boolean }[] = [
  { id: "whole-ungutted", label: "Whole, ungutted", cut: false },
  { id: "whole-gutted", label: "Whole, gutted", cut: false },
  { id: "headed-gutted", label: "Headed and gutted", cut: false },
  { id: "side", label: "Side, skin on", cut: true },
  { id: "fillet", label: "Fillet", cut: true },
  { id: "loin", label: "Loin or tail", cut: true },
];

export const isCut = (form: Form): boolean => FORMS.some(({ id, cut }) => id === form && cut);

/** The check that fits this kind of fish in this form. */
export function schemeFor(group: SpeciesGroup, form: Form): Scheme {
  if (isCut(form)) return SCHEMES[group === "large-pelagic" ? "tuna-loin" : "fillet"];
  if (group === "flat") return SCHEMES.flatfish;
  if (group === "salmonid") return SCHEMES.salmonid;
  return SCHEMES["whole-round"];
}
