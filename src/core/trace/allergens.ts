import { ALLERGEN_LISTS, type AllergenId, type RuleSetId } from "@/core/safety";
import { allergenOf, shortName, type Species } from "@/core/species";
import type { Provenance } from "./provenance";

/** What a lot brings by itself: what it is, and what was put on it. */
export function allergensOf(species: Species, { additives = [] }: Provenance): readonly AllergenId[] {
  const own = allergenOf(species.group);
  return [...(own ? [own] : []), ...(additives.some(isSulphite) ? (["sulphites"] as const) : [])];
}

/** E 220 to E 228 are the sulphites; papers also spell them out. */
const isSulphite = (additive: string): boolean =>
  /^(E ?22[0-8]|sul(ph|f)ites?|(sodium|potassium) (meta)?bisul(ph|f)ite)$/i.test(additive.trim());

export type NamedAllergens = { readonly words: readonly string[]; readonly notice: string; readonly source: string };

/** How the list in force wants them named: some are not on it, some with the species. */
export function namedAllergens(ruleSetId: RuleSetId, species: Species, ids: readonly AllergenId[]): NamedAllergens {
  const { named, namesSpecies, words, notice, source } = ALLERGEN_LISTS[ruleSetId];
  return {
    words: [...new Set(ids)]
      .filter((id) => named.includes(id))
      .map((id) => {
        const said = words[id] ?? id;
        return namesSpecies && (id === "fish" || id === "crustaceans") ? `${said} (${shortName(species)})` : said;
      }),
    notice,
    source,
  };
}
