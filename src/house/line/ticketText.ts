import { ALLERGEN_IDS, type AllergenId } from "@/core/safety";
import { err, ok, type Result } from "@/core/shared";

export type TypedDish = {
  readonly cardId: string;
  readonly count: number;
  readonly wishes: readonly string[];
  readonly allergies: readonly AllergenId[];
};
/** What a cook types at the pass: "2 char 1 turbot t7", "crudo then 2 char t4", "t7 away", "1 char no milk t9". */
export type Typed =
  | {
      readonly kind: "order";
      readonly table: string;
      readonly courses: readonly (readonly TypedDish[])[];
      /** "for Solvang": the name it was booked under. */
      readonly guest?: string;
      /** "in 20": called at once, for in so many minutes. */
      readonly inMin: number | null;
    }
  | { readonly kind: "away"; readonly table: string; readonly inMin: number | null }
  | { readonly kind: "hold"; readonly table: string };

export type TicketProblem =
  | { readonly kind: "noDish"; readonly line: string }
  | { readonly kind: "noTable"; readonly line: string }
  | { readonly kind: "noCard"; readonly word: string }
  | { readonly kind: "noAllergen"; readonly word: string }
  | { readonly kind: "manyCards"; readonly word: string; readonly names: readonly string[] }
  | { readonly kind: "tooMany"; readonly word: string };

/** What a card answers to: its id, its name, and the names of its fish. */
export type Callable = { readonly cardId: string; readonly name: string; readonly calls: readonly string[] };

const MOST = 40;
const fold = (text: string) =>
  text
    .normalize("NFD")
    .replace(/[\u0300-\u036f]/g, "")
    .toLowerCase();

/** Cards whose id, or else a name of theirs, begins a word with what was typed. */
function called(word: string, cards: readonly Callable[]): readonly Callable[] {
  const typed = fold(word);
  const byId = cards.filter(({ cardId }) => fold(cardId) === typed);
  if (byId.length > 0) return byId;
  const begins = (text: string) =>
    fold(text)
      .split(/[^a-z0-9]+/)
      .some((one) => one.startsWith(typed));
  const byFish = cards.filter(({ calls }) => calls.some(begins));
  return byFish.length > 0 ? byFish : cards.filter(({ name }) => begins(name));
}

/** Other words a guest has for the same. */
const ALSO: Readonly<Record<string, AllergenId>> = {
  dairy: "milk",
  lactose: "milk",
  butter: "milk",
  wheat: "gluten",
  flour: "gluten",
  mollusc: "molluscs",
  crustacean: "crustaceans",
  shrimp: "crustaceans",
  eggs: "egg",
  nut: "nuts",
  peanut: "peanuts",
  soya: "soy",
  sulphite: "sulphites",
  sulfites: "sulphites",
};
function allergens(word: string): readonly AllergenId[] {
  // who says shellfish may mean either
  if (word === "shellfish") return ["crustaceans", "molluscs"];
  const id = ALLERGEN_IDS.find((one) => one === word) ?? ALSO[word];
  return id === undefined ? [] : [id];
}

/** What is asked of the dish before it. */
const WISHES: Readonly<Record<string, string>> = {
  half: "half",
  child: "child",
  apart: "sauce-apart",
  through: "cooked-through",
};

/** Reads tickets, one a line or between semicolons; the first that cannot be read says why. */
export function readTickets(text: string, cards: readonly Callable[]): Result<readonly Typed[], TicketProblem> {
  const tickets: Typed[] = [];
  for (const line of text.split(/[\n;]+/).filter((one) => one.trim() !== "")) {
    const ticket = readTicket(line.trim(), cards);
    if (!ticket.ok) return ticket;
    tickets.push(ticket.value);
  }
  return ok(tickets);
}

function readTicket(line: string, cards: readonly Callable[]): Result<Typed, TicketProblem> {
  const words = line.split(/[\s,]+/);
  const courses: { cardId: string; count: number; wishes: string[] }[][] = [[]];
  const free: AllergenId[] = [];
  let table: string | null = null;
  let guest: string | null = null;
  let inMin: number | null = null;
  let count = 1;
  let call: "away" | "hold" | null = null;
  for (let at = 0; at < words.length; at++) {
    const word = words[at]!;
    const low = fold(word);
    const next = fold(words[at + 1] ?? "");
    if (/^t\d+$/.test(low)) table = low;
    else if (low === "for" && next !== "") [guest, at] = [words[at + 1]!, at + 1];
    else if (low === "in" && /^\d+$/.test(next)) [inMin, at] = [Number(next), at + 1];
    else if (low === "away" || low === "hold") call = low;
    else if (low === "then" || low === "/") courses.push([]);
    else if (low === "no" || next.startsWith("allerg")) {
      const what = low === "no" ? next : low;
      const found = allergens(what);
      // an allergy that is not understood stops the ticket: it is never passed over
      if (found.length === 0) return err({ kind: "noAllergen", word: what });
      free.push(...found);
      at += 1;
    } else if (low.startsWith("allerg")) {
      // "no milk allergy": it was read with the word before
      if (free.length === 0) return err({ kind: "noAllergen", word });
    } else if (WISHES[low] !== undefined && courses.at(-1)!.length > 0)
      courses.at(-1)!.at(-1)!.wishes.push(WISHES[low]);
    else if (/^\d+x?$/.test(low)) count = Number.parseInt(low, 10);
    else {
      const found = called(word, cards);
      if (found.length === 0) return err({ kind: "noCard", word });
      if (found.length > 1) return err({ kind: "manyCards", word, names: found.map(({ name }) => name) });
      const { cardId } = found[0]!;
      const course = courses.at(-1)!;
      const same = course.find((one) => one.cardId === cardId && one.wishes.length === 0);
      const sum = (same?.count ?? 0) + count;
      if (sum > MOST) return err({ kind: "tooMany", word });
      if (same) same.count = sum;
      else if (count > 0) course.push({ cardId, count, wishes: [] });
      count = 1;
    }
  }
  if (inMin !== null && inMin > 24 * 60) return err({ kind: "tooMany", word: String(inMin) });
  const asked = courses.filter((course) => course.length > 0);
  if (asked.length === 0 && call === null) return err({ kind: "noDish", line });
  if (table === null) return err({ kind: "noTable", line });
  if (asked.length === 0) return ok(call === "hold" ? { kind: "hold", table } : { kind: "away", table, inMin });
  return ok({
    kind: "order",
    table,
    ...(guest === null ? {} : { guest }),
    inMin: call === "away" ? (inMin ?? 0) : inMin,
    courses: asked.map((course) => course.map((dish) => ({ ...dish, allergies: [...new Set(free)] }))),
  });
}
