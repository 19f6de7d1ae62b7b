import type { DonenessGroup, Species } from "@/core/species";
import { placeAmong } from "./data/ways";
import { METHODS, type CookForm, type Method } from "./table";
import type { PieceShape } from "../model";

/** An animal as it is to be cooked. */
export type Dressed = { readonly species: Species; readonly shape: PieceShape; readonly form: CookForm };

const PIECES: readonly CookForm[] = ["piece"];

/** The form an animal goes to the heat in when nobody says otherwise. */
export function usualCookForm({ anatomy, boughtAs }: Species): CookForm {
  switch (anatomy) {
    case "lobster":
    case "spiny-lobster":
    case "shrimp":
      return "tails";
    case "leg-crab":
      // legs and sections come cooked; a small whole crab is boiled as it is
      return boughtAs.form === "cooked" ? "tails" : "whole";
    case "crab":
    case "langoustine":
      return "whole";
    case "mussel":
    case "clam":
    case "oyster":
    case "snail":
      return "shells";
    default:
      return "piece";
  }
}

/** Whether a method is a way at all for this animal, dressed so: its shape, its build, and nothing below what the animal asks. */
export function isWay(method: Method, { species, shape, form }: Dressed): boolean {
  const { suits } = method;
  if (!suits.shapes.includes(shape.kind) || !(suits.forms ?? PIECES).includes(form)) return false;
  if (suits.builds && !suits.builds.includes(species.anatomy)) return false;
  if (species.least !== null && method.rare) return false;
  return suits.groups.includes(species.donenessGroup) || isNamed(method, species);
}

const isNamed = ({ id }: Method, { usualMethods }: Species) => placeAmong(usualMethods, id) >= 0;

export const waysFor = (dressed: Dressed): readonly Method[] => METHODS.filter((method) => isWay(method, dressed));

/** Made for this kind of animal, whatever the species table names. */
export const suitsGroup = ({ suits }: Method, group: DonenessGroup): boolean => suits.groups.includes(group);
