import { runVerb } from "./index";

type Answer = {
  readonly verdict: string;
  readonly complete: boolean;
  readonly still_to_look_at: readonly string[];
  readonly reasons: readonly { readonly weight: string; readonly code: string; readonly source: string }[];
};
const BASE = { rule: "eu-853", species: "cod", form: "whole-gutted", state: "chilled" };
const ask = (part: Record<string, unknown>) => runVerb("door", { ...BASE, ...part })!;
function door(part: Record<string, unknown>): Answer {
  const found = ask(part);
  if (!found.ok) throw new Error(JSON.stringify(found.error));
  return found.value as Answer;
}
const codes = (part: Record<string, unknown>) => door(part).reasons.map(({ code }) => code);
const own = (scientific_name: string, family: string) => ({
  scientific_name,
  family,
  like: "sea-bass",
  raw_use: "usual",
});

const PUFFER = own("Takifugu rubripes", "Tetraodontidae");
const HARD = { hardness: 0, pack: 0 };
/** Issue line, its rule, what was asked, what must come out. */
test.each([
  // poisonous families: Reg. (EC) 853/2004, Annex III, Sec. VIII, Ch. V, E; FDA Hazards Guide, June 2022, ch. 6 (memory, high)
  {
    why: "a puffer entered like a bass, US",
    part: { rule: "fda-2022", species: PUFFER },
    verdict: "refuse",
    code: "banned-family",
  },
  {
    why: "a puffer entered like a bass, UK",
    part: { rule: "uk-2013", species: PUFFER },
    verdict: "refuse",
    code: "banned-family",
  },
  { why: "a sunfish", part: { species: own("Mola mola", "Molidae") }, verdict: "refuse", code: "banned-family" },
  {
    why: "an oilfish is named",
    part: { species: own("Ruvettus pretiosus", "Gempylidae") },
    verdict: "accept",
    code: "gempylotoxin",
  },
  // thawed: Food Code 3-202.11(E),(F); 853/2004 Annex III Sec. VIII Ch. VII (memory, high)
  {
    why: "frozen at -1 °C, US",
    part: { rule: "fda-2022", state: "frozen", celsius: -1 },
    verdict: "refuse",
    code: "thawed",
  },
  { why: "frozen at -12 °C, EU", part: { state: "frozen", celsius: -12 }, verdict: "refuse", code: "thawed" },
  {
    why: "frozen and soft",
    part: { rule: "fda-2022", state: "frozen", celsius: -10, grades: { hardness: 3 } },
    verdict: "refuse",
    code: "thawed",
  },
  {
    why: "mackerel thawed warm is judged for histamine",
    part: { rule: "fda-2022", species: "mackerel", state: "frozen", celsius: 8 },
    verdict: "refuse",
    code: "histamine",
  },
  // one sign at its last grade (common practice; 2406/96 Annex I has no plain accept there either, memory, medium)
  {
    why: "one sign at the last grade",
    part: { grades: { "gill-smell": 0, skin: 3 } },
    verdict: "cook-only",
    code: "last-grade",
  },
  {
    why: "a blown pack",
    part: { species: "atlantic-salmon", form: "smoked", grades: { smell: 0, pack: 3 } },
    verdict: "refuse",
    code: "deciding-sign",
  },
  {
    why: "treated tuna, EU",
    part: { species: "yellowfin-tuna", form: "loin", grades: { smell: 0, tint: 3 } },
    verdict: "refuse",
    code: "treated-colour",
  },
  // days: the table of ice life speaks of whole fish (Huss 1995; common practice)
  {
    why: "a tuna loin nine days from catch",
    part: { species: "yellowfin-tuna", form: "loin", celsius: 1, days_since_catch: 9, grades: { smell: 0, tint: 0 } },
    verdict: "accept",
    code: "days-remark",
  },
  {
    why: "a farmed salmon side of eight days",
    part: { species: "atlantic-salmon", form: "side", celsius: 1, days_since_catch: 8, grades: { smell: 0 } },
    verdict: "accept",
    code: "points",
  },
  {
    why: "a lively lobster of three days",
    part: {
      species: "european-lobster",
      form: "live",
      state: "live",
      celsius: 4,
      days_since_catch: 3,
      grades: { lift: 0, smell: 0 },
      deaths: { dead: 0, counted: 8 },
    },
    verdict: "accept",
    code: "days-remark",
  },
  {
    why: "a whole whiting past its ice life",
    part: { species: "whiting", days_since_catch: 20, grades: { "gill-smell": 0 } },
    verdict: "refuse",
    code: "past-ice-life",
  },
  // England: 8 °C the general limit (Sch. 4); fresh fish near melting ice, house rule 5, note above 2
  { why: "cod at 6 °C, UK", part: { rule: "uk-2013", celsius: 6 }, verdict: "refuse", code: "too-warm" },
  {
    why: "cod at 3 °C, UK",
    part: { rule: "uk-2013", celsius: 3, grades: { "gill-smell": 0 } },
    verdict: "accept",
    code: "warmer-than-ice",
  },
  {
    why: "cod at 3 °C, EU",
    part: { celsius: 3, grades: { "gill-smell": 0 } },
    verdict: "accept",
    code: "warmer-than-ice",
  },
  // deaths (common practice)
  {
    why: "six of a hundred mussels dead",
    part: { species: "mussel", form: "live", state: "live", deaths: { dead: 6, counted: 100 } },
    verdict: "cook-only",
    code: "dead",
  },
])("$why: $verdict by $code", ({ part, verdict, code }) => {
  const answer = door(part);
  expect(answer.verdict).toBe(verdict);
  expect(codes(part)).toContain(code);
  expect(answer.reasons.every(({ source }) => source.length > 5)).toBe(true);
  if (verdict !== "accept") expect(answer.reasons.some(({ weight }) => weight !== "notes")).toBe(true);
});

test("one look is no inspection: it says what is still to be looked at", () => {
  expect(door({})).toMatchObject({ complete: false, still_to_look_at: ["gill-smell", "celsius"] });
  expect(door({ grades: { skin: 0 }, celsius: 1 })).toMatchObject({
    complete: false,
    still_to_look_at: ["gill-smell"],
  });
  expect(door({ grades: { "gill-smell": 0 }, celsius: 1 })).toMatchObject({ complete: true, still_to_look_at: [] });
  const mussels = { species: "mussel", form: "live", state: "live", celsius: 6, grades: { closing: 0, smell: 0 } };
  expect(door(mussels).still_to_look_at).toEqual(["deaths"]);
  expect(door({ ...mussels, deaths: { dead: 1, counted: 60 } }).complete).toBe(true);
  expect(door({ state: "frozen", celsius: -20, grades: HARD }).complete).toBe(true);
});

test.each<[string, Record<string, unknown>, string]>([
  ["a sign the scheme has not", { grades: { whiskers: 0 } }, "grades.whiskers"],
  ["a grade of four", { grades: { skin: 4 } }, "grades.skin"],
  ["a form the animal has not", { species: "mussel" }, "form"],
  ["a fillet that is alive", { form: "fillet", state: "live" }, "state"],
  ["no such species", { species: "unicorn" }, "species"],
  ["an own species like nothing", { species: { ...PUFFER, like: "unicorn" } }, "species.like"],
  [
    "an own species without its family",
    { species: { scientific_name: "A b", like: "cod", raw_use: "usual" } },
    "species.family",
  ],
  ["more dead than counted", { deaths: { dead: 9, counted: 3 } }, "deaths.dead"],
  ["a key nobody knows", { colour: 1 }, "colour"],
])("%s is refused where it stands", (_, part, path) => {
  const found = ask(part);
  expect(found).toMatchObject({ ok: false, error: { path, message: expect.stringMatching(/\w{3,}/) as string } });
});
