import { z } from "zod";
import { formsFor, type Form } from "@/core/freshness";
import { findSpecies, houseSpecies, type Species } from "@/core/species";
import { InputProblem } from "./problem";

/** A species of the table, or one of the house's own by its family and the one it is most like. */
export const SpeciesInput = z.union([
  z.string().min(1).max(80),
  z.strictObject({
    scientific_name: z.string().trim().min(3).max(120),
    family: z.string().trim().min(3).max(60),
    like: z.string().min(1).max(80),
    raw_use: z.enum(["usual", "seldom", "cured-only", "none"]),
  }),
]);

export const RuleInput = z.enum(["fda-2022", "eu-853", "uk-2013"]);

/** Forms as they come through a door or stand on a board. */
export const FORM_IDS = [
  "whole-ungutted",
  "whole-gutted",
  "headed-gutted",
  "side",
  "fillet",
  "loin",
  "smoked",
  "live",
  "raw-whole",
  "tails",
  "cooked",
  "picked",
  "shucked",
  "cleaned",
  "tongues",
  "sacs",
  "loose-eggs",
  "by-product",
] as const satisfies readonly Form[];

export function speciesFrom(input: z.infer<typeof SpeciesInput>): Species {
  if (typeof input === "string") {
    const species = findSpecies(input);
    if (!species) throw new InputProblem("species", `no species "${input}" in the table`);
    return species;
  }
  const like = findSpecies(input.like);
  if (!like) throw new InputProblem("species.like", `no species "${input.like}" in the table`);
  return houseSpecies(
    {
      id: "own",
      name: input.scientific_name,
      scientificName: input.scientific_name,
      family: input.family,
      marketNames: [],
      likeId: like.id,
      iceLifeDays: like.iceLifeDays,
      skinlessPct: like.yield.skinlessPct ?? 100,
      histamineFormer: like.histamineFormer,
      rawUse: input.raw_use,
    },
    like,
  );
}

/** Refuses a form this kind of animal does not come in. */
export function assertForm(species: Species, form: Form): void {
  const fitting = formsFor(species.group).map(({ id }) => id);
  if (form !== "by-product" && !fitting.includes(form))
    throw new InputProblem("form", `this animal comes as ${fitting.join(", ")}, not as ${form}`);
}

/** Refuses a state that the form cannot be in. */
export function assertState(form: Form, state: "chilled" | "frozen" | "thawed" | "live"): void {
  if ((form === "live") !== (state === "live"))
    throw new InputProblem("state", form === "live" ? "a live animal is in the state live" : `${form} is not alive`);
}
