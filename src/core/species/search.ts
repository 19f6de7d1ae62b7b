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

type Folded = { readonly matched: SpeciesHit["matched"]; readonly whole: string; readonly proper: string };
type Names = { readonly names: readonly Folded[]; readonly all: string };
/** Folding is what a search costs: every name of a species once, however many thousand rows a file has. */
const known = new WeakMap<Species, Names>();

function foldedNames(species: Species): Names {
  const there = known.get(species);
  if (there) return there;
  const names = namesOf(species).map((matched) => ({
    matched,
    whole: foldName(matched.name),
    proper: foldName(nameProper(matched.name)),
  }));
  const folded = { names, all: names.map(({ whole, proper }) => `${whole}\n${proper}`).join("\n") };
  known.set(species, folded);
  return folded;
}

/** 0 exact, 1 starts with, 2 a word starts with, 3 contains; null no match. */
function rank({ whole, proper }: Folded, wanted: string): number | null {
  if (whole === wanted || proper === wanted) return 0;
  if (whole.startsWith(wanted)) return 1;
  if (whole.includes(` ${wanted}`)) return 2;
  return wanted.length >= 3 && whole.includes(wanted) ? 3 : null;
}

/** Finds species by any market name in any listed language, scientific name, id or FAO code; best match first. */
export function searchSpecies(query: string, among: readonly Species[], limit = 8): readonly SpeciesHit[] {
  const wanted = foldName(query);
  if (wanted === "") return [];
  const hits = among.flatMap((species) => {
    const { names, all } = foldedNames(species);
    // whatever way a name matches, it has the wanted letters in a row
    if (!all.includes(wanted)) return [];
    const [best] = names
      .map((name) => ({ ...name, rank: rank(name, wanted) }))
      .filter((entry): entry is Folded & { rank: number } => entry.rank !== null)
      .sort((a, b) => a.rank - b.rank);
    return best ? [{ species, ...best }] : [];
  });
  return hits
    .sort((a, b) => a.rank - b.rank || a.species.name.localeCompare(b.species.name, "en"))
    .slice(0, limit)
    .map(({ species, matched, proper }) => ({
      species,
      matched,
      sharedWith: among.filter(
        (other) => other !== species && foldedNames(other).names.some((name) => name.proper === proper),
      ),
    }));
}
