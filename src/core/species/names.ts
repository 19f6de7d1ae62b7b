import type { Species } from "./types";

/** The English name without the remark in brackets. */
export const shortName = (species: Species): string => species.name.replace(/\s*\(.*\)$/, "");

/** First words that keep their capital inside a sentence. */
const PROPER = new Set([
  "Alaska",
  "American",
  "Arctic",
  "Atlantic",
  "Dover",
  "Dungeness",
  "European",
  "John",
  "Manila",
  "Pacific",
  "Yesso",
]);

/** A fish name as it stands in the middle of a sentence. */
export function inSentence(name: string): string {
  return PROPER.has(name.split(" ")[0] ?? "") ? name : name.charAt(0).toLowerCase() + name.slice(1);
}
