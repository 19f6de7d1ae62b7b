import { searchSpecies, SPECIES, type Species } from "@/core/species";
import type { AdviceRating } from "@/core/trace";
import { parseCsv } from "./csv";
import type { RowProblem } from "./deliveryCsv";

export type AdviceRow = {
  readonly speciesId: string;
  readonly production: "wild" | "farmed" | null;
  readonly area: string;
  readonly gear: string;
  readonly body: string;
  readonly rating: AdviceRating;
  readonly issuedOn: string;
};

const RATINGS: Readonly<Record<string, AdviceRating>> = {
  best: "best",
  good: "best",
  acceptable: "acceptable",
  ok: "acceptable",
  avoid: "avoid",
};

/** Advice on sustainability from a file: species, production, area, gear, body, rating, date. Bad rows are named, good ones stand. */
export function readAdviceCsv(
  text: string,
  own: readonly Species[] = [],
): { readonly rows: readonly AdviceRow[]; readonly problems: readonly RowProblem[] } {
  const [head, ...body] = parseCsv(text);
  const at = new Map((head ?? []).map((name, index) => [name.trim().toLowerCase(), index]));
  const lacking = ["species", "body", "rating", "date"].filter((column) => !at.has(column));
  if (lacking.length > 0) return { rows: [], problems: [{ line: 1, reason: `the head lacks ${lacking.join(", ")}` }] };
  const rows: AdviceRow[] = [];
  const problems: RowProblem[] = [];
  for (const [index, row] of body.entries()) {
    if (row.every((cell) => cell.trim() === "")) continue;
    const cell = (column: string) => (row[at.get(column) ?? -1] ?? "").trim();
    const report = (reason: string) => problems.push({ line: index + 2, reason });
    const [hit] = searchSpecies(cell("species"), [...SPECIES, ...own], 1);
    const rating = RATINGS[cell("rating").toLowerCase()];
    const production = cell("production").toLowerCase();
    if (!hit) report(`species: nothing is called “${cell("species")}”`);
    else if (!rating) report(`rating: say best, acceptable or avoid, not “${cell("rating")}”`);
    else if (!/^\d{4}-\d{2}-\d{2}$/.test(cell("date"))) report(`date: write it as 2026-03-31, not “${cell("date")}”`);
    else if (cell("body") === "") report("body: is missing");
    else
      rows.push({
        speciesId: hit.species.id,
        production: production === "wild" || production === "farmed" ? production : null,
        area: cell("area"),
        gear: cell("gear"),
        body: cell("body"),
        rating,
        issuedOn: cell("date"),
      });
  }
  return { rows, problems };
}
