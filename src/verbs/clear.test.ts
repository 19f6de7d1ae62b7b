import { runVerb } from "./index";

type Answer = {
  readonly answer: string;
  readonly checks: readonly { readonly id: string; readonly state: string; readonly source: string }[];
  readonly exemption: string | null;
  readonly risks: readonly { readonly id: string }[];
};
const COLD = Array.from({ length: 49 }, (_, index) => [index / 2, 1.2]);
const FULL = {
  rule: "eu-853",
  species: "atlantic-salmon",
  form: "side",
  state: "chilled",
  dish: "raw",
  verdict: "accept",
  production: "farmed",
  rearing: "net-pen",
  papers: { feed_statement: true },
  box: { source: true, area: true, date: true, lot_number: true },
  area: "27.7",
  history: COLD,
  raw_days_left: 2,
};
const ask = (part: Record<string, unknown>) => runVerb("clear", { ...FULL, ...part })!;
function clear(part: Record<string, unknown> = {}): Answer {
  const found = ask(part);
  if (!found.ok) throw new Error(JSON.stringify(found.error));
  return found.value as Answer;
}

const OYSTERS = {
  species: "pacific-oyster",
  form: "live",
  state: "live",
  papers: { shellstock_tag: true, dealer_listed: true, class: "A" },
  month: 1,
  deaths: { dead: 0, counted: 60 },
};
const hold = (hours: number, step: number, celsius: number) =>
  Array.from({ length: Math.floor(hours / step) + 1 }, (_, index) => [index * step, celsius]);

test.each([
  ["everything there", {}, "yes"],
  ["a hold read every hour", { production: "wild", papers: {}, hold: hold(25, 1, -21) }, "yes"],
  ["a hold read once a day", { production: "wild", papers: {}, hold: hold(48, 24, -21) }, "not-yet"],
  [
    "a hold of 160 h in the US",
    { rule: "fda-2022", production: "wild", papers: {}, hold: hold(160, 1, -20) },
    "not-yet",
  ],
  ["still frozen", { state: "frozen", history: hold(24, 0.5, -20) }, "not-yet"],
  [
    "thawed, frozen here",
    { state: "thawed", history: [...COLD, [25, -20], [60, 1]], history_gap_h: 0.5, frozen_from_h: 24 },
    "yes",
  ],
  ["warm for six hours", { history: [...hold(6, 0.5, 12), [7, 1]] }, "no"],
  ["a gap, and a cold probe", { history_gap_h: 9, probe_c: 2 }, "yes"],
  ["a gap, and no probe", { history_gap_h: 9 }, "not-yet"],
  ["guests at risk", { susceptible_guests: true }, "no"],
  ["cook-only at the door", { verdict: "cook-only" }, "no"],
  ["oysters with everything", OYSTERS, "yes"],
  ["oysters of a warm month", { ...OYSTERS, month: 8 }, "not-yet"],
  ["oysters from a warm sea in January", { ...OYSTERS, area: "71" }, "not-yet"],
  ["oysters from 23 °C water", { ...OYSTERS, water_c: 23 }, "no"],
  ["oysters of class B", { ...OYSTERS, papers: { ...OYSTERS.papers, class: "B" } }, "no"],
  ["oysters without a tag", { ...OYSTERS, papers: { dealer_listed: true, class: "A" } }, "not-yet"],
])("%s: %s is not asked twice", (_, part, answer) => {
  const cleared = clear(part);
  expect(cleared.answer).toBe(answer);
  expect(cleared.checks.every(({ source }) => source.length > 5)).toBe(true);
});

test("a yes does not outlive the facts it hangs on", () => {
  for (const full of [FULL, { ...FULL, ...OYSTERS }]) {
    expect(clear(full).answer).toBe("yes");
    // a tag names source, place, day and lot of a bag by itself
    for (const key of ["verdict", "history", "raw_days_left", ...(full === FULL ? ["box"] : [])]) {
      const { [key]: _gone, ...less } = full as Record<string, unknown>;
      const found = runVerb("clear", less)!;
      expect({ key, answer: found.ok ? (found.value as Answer).answer : found.error }).toMatchObject({
        answer: "not-yet",
      });
    }
  }
  for (const key of ["production", "rearing", "papers"]) {
    const { [key]: _gone, ...less } = FULL as Record<string, unknown>;
    const found = runVerb("clear", less)!;
    expect({ key, answer: found.ok && (found.value as Answer).answer }).toMatchObject({ answer: "not-yet" });
  }
});

test("with the five keys alone everything is missing and nothing is a yes", () => {
  for (const rule of ["fda-2022", "eu-853", "uk-2013"]) {
    const cleared = runVerb("clear", { rule, species: "mackerel", form: "fillet", state: "chilled", dish: "raw" })!;
    if (!cleared.ok) throw new Error(cleared.error.message);
    const { answer, checks } = cleared.value as Answer;
    expect(answer).toBe("not-yet");
    const waiting = checks.filter(({ state }) => state === "missing").map(({ id }) => id);
    expect(waiting).toEqual(
      expect.arrayContaining(["door", "parasites", "freshness", "kept-cold", "histamine", "papers"]),
    );
  }
});

test("risks stay named by id, whatever is met", () => {
  expect(clear(OYSTERS).risks.map(({ id }) => id)).toEqual(
    expect.arrayContaining(["vibrio", "norovirus", "biotoxins"]),
  );
  expect(clear({ dish: "cured" }).risks.map(({ id }) => id)).toContain("listeria");
});

test.each<[string, Record<string, unknown>, string]>([
  [
    "readings out of order",
    {
      history: [
        [2, 1],
        [1, 1],
      ],
    },
    "history.1.0",
  ],
  ["frozen after the end of its history", { frozen_from_h: 400 }, "frozen_from_h"],
  ["a month of thirteen", { month: 13 }, "month"],
  ["a paper nobody knows", { papers: { blessing: true } }, "papers.blessing"],
  ["a form the animal has not", { form: "shucked" }, "form"],
])("%s is refused where it stands", (_, part, path) => {
  expect(ask(part)).toMatchObject({ ok: false, error: { path } });
});
