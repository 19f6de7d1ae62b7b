import { z } from "zod";
import { err, ok, type Result } from "@/core/shared";

/** A recipe of another house as text: it stands beside a card and is read, nothing is computed from it. */
export type ForeignRecipe = { readonly title: string; readonly body: string };
export type ForeignRecipeError = { readonly kind: "notJson" | "noRecipe" };

const Words = z.union([z.string(), z.number().transform(String)]);
const Lines = z.union([Words.transform((one) => [one]), z.array(Words)]);
const Step: z.ZodType<readonly string[]> = z.lazy(() =>
  z.union([
    z.string().transform((one) => [one]),
    z.object({ itemListElement: z.array(Step) }).transform(({ itemListElement }) => itemListElement.flat()),
    z.object({ text: z.string() }).transform(({ text }) => [text]),
    z.object({ name: z.string() }).transform(({ name }) => [name]),
  ]),
);
const Steps = z.union([z.array(Step).transform((steps) => steps.flat()), Step]);

/** Recipe of schema.org (https://schema.org/Recipe), the fields a cook reads; anything else in it is left alone. */
const Recipe = z.object({
  name: z.string().min(1),
  recipeYield: Lines.optional(),
  recipeIngredient: Lines.optional(),
  recipeInstructions: Steps.optional(),
});

const isRecipe = (node: unknown): boolean => {
  if (typeof node !== "object" || node === null || !("@type" in node)) return false;
  return [node["@type"]].flat().includes("Recipe");
};

/** The document itself, a list of them, or a graph. */
function nodesOf(json: unknown): readonly unknown[] {
  if (Array.isArray(json)) return json.flatMap(nodesOf);
  if (typeof json === "object" && json !== null && "@graph" in json) return nodesOf(json["@graph"]);
  return [json];
}

/** Reads a schema.org Recipe (JSON-LD) to a title and lines of text. */
export function readForeignRecipe(text: string): Result<ForeignRecipe, ForeignRecipeError> {
  let json: unknown;
  try {
    json = JSON.parse(text);
  } catch {
    return err({ kind: "notJson" });
  }
  const recipe = Recipe.safeParse(nodesOf(json).find(isRecipe));
  if (!recipe.success) return err({ kind: "noRecipe" });
  const { name, recipeYield = [], recipeIngredient = [], recipeInstructions = [] } = recipe.data;
  const steps = recipeInstructions.map((line, index) => `${index + 1}. ${plain(line)}`);
  const body = [...recipeYield.slice(0, 1), ...recipeIngredient.map((line) => `– ${plain(line)}`), ...steps];
  return ok({ title: plain(name).slice(0, 120), body: body.join("\n").slice(0, 12_000) });
}

/** Markup of web pages stands in some files; only its words are kept. */
const plain = (text: string): string =>
  text
    .replace(/<[^>]*>/g, " ")
    .replace(/\s+/g, " ")
    .trim();
