import type { Species } from "./types";

export type SpeciesHit = {
  readonly species: Species;
  /** The name that matched, and its language when it is a market name. */
  readonly matched: { readonly name: string; readonly language: string | null; readonly shared?: boolean };
  /** Other species that trade under exactly this name: the cook must say which. */
  readonly sharedWith: readonly Species[];
};

/** Lower case without accents, so that "rodspatta" finds rödspätta; ø, æ and ß have no decomposition and are mapped. */
export function foldName(text: string): string {
  return text
    .normalize("NFD")
    .replace(/\p{Diacritic}/gu, "")
    .toLowerCase()
    .replaceAll("ø", "o")
    .replaceAll("æ", "ae")
    .replaceAll("ß", "ss")
    .replace(/[^\p{Letter}\p{Number}]+/gu, " ")
    .trim();
}

/** A remark in brackets, as in "hake (small)", does not take part in the match. */
const nameProper = (name: string) => name.replace(/\s*\(.*\)$/, "");

function namesOf(species: Species): SpeciesHit["matched"][] {
  return [
    { name: species.name, language: "en" },
    ...species.marketNames,
    { name: species.scientificName, language: null },
    ...(species.faoCode ? [{ name: species.faoCode, language: null }] : []),
    { name: species.id, language: null },
  ];
}

/** 0 exact, 1 starts with, 2 a word starts with, 3 contains; null no match. */
function rank(name: string, wanted: string): number | null {
  const folded = foldName(name);
  if (folded === wanted || foldName(nameProper(name)) === wanted) return 0;
  if (folded.startsWith(wanted)) return 1;
  if (folded.includes(` ${wanted}`)) return 2;
  return wanted.length >= 3 && folded.includes(wanted) ? 3 : null;
}

/** Finds species by any market name in any listed language, scientific name, id or FAO code; best match first. */
export function searchSpecies(query: string, among: readonly Species[], limit = 8): readonly SpeciesHit[] {
  const wanted = foldName(query);
  if (wanted === "") return [];
  const hits = among.flatMap((species) => {
    const ranked = namesOf(species)
      .map((matched) => ({ matched, rank: rank(matched.name, wanted) }))
      .filter((entry): entry is { matched: SpeciesHit["matched"]; rank: number } => entry.rank !== null)
      .sort((a, b) => a.rank - b.rank);
    const best = ranked[0];
    return best ? [{ species, ...best }] : [];
  });
  return hits
    .sort((a, b) => a.rank - b.rank || a.species.name.localeCompare(b.species.name, "en"))
    .slice(0, limit)
    .map(({ species, matched }) => ({
      species,
      matched,
      sharedWith: among.filter(
        (other) =>
          other !== species &&
          namesOf(other).some(({ name }) => foldName(nameProper(name)) === foldName(nameProper(matched.name))),
      ),
    }));
}
