import { HOLD_GAP_H, judgeParasiteHold, optionWords, PARASITE_RULES, type LogPoint } from "@/core/safety";
import { findSpecies, houseSpecies, type Species } from "@/core/species";
import { clearRaw, ruleWords, type Clearance } from "./clearance";
import type { CheckId, RawFacts } from "./facts";
import { bag, facts, farmed, HOUR, kept, NOW, oysters, wild } from "./facts.testkit";
import { english } from "@/words/english.testkit";
import { said, inCelsius } from "@/core/shared";

const stateOf = (cleared: Clearance, id: CheckId) => cleared.checks.find((check) => check.id === id)?.state;
const riskIds = (cleared: Clearance) => cleared.risks.map(({ id }) => id);

/** A freezing log judged by the rule, as the record of the house hands it over. */
function frozen(ruleId: "fda-2022" | "eu-853", log: readonly LogPoint[]): RawFacts["hold"] {
  const { met, by } = judgeParasiteHold(ruleId, log, HOLD_GAP_H);
  return met
    ? { state: "met", words: optionWords(by!), section: by!.section, atMs: NOW }
    : { state: "running", endsMs: null, needs: said("raw.noneYet") };
}

describe("freezing (Food Code 3-402.11(A), Reg. 853/2004 Annex III Sec. VIII Ch. III D.2; memory, high)", () => {
  test.each([
    { what: "-20 °C for 160 h: US", ruleSetId: "fda-2022", log: kept([160, -20]), answer: "not-yet" },
    { what: "-20 °C for 160 h: EU", ruleSetId: "eu-853", log: kept([160, -20]), answer: "yes" },
    { what: "-20 °C for 168 h: US", ruleSetId: "fda-2022", log: kept([168, -20]), answer: "yes" },
    {
      what: "-35 °C to solid, then -20 °C for 24 h: US",
      ruleSetId: "fda-2022",
      log: kept([1, -35], [25, -20.5]),
      answer: "yes",
    },
    { what: "a domestic freezer, a month: US", ruleSetId: "fda-2022", log: kept([720, -18]), answer: "not-yet" },
    {
      what: "two readings a week apart: US",
      ruleSetId: "fda-2022",
      log: [
        [0, -22],
        [170, -22],
      ],
      answer: "not-yet",
    },
  ] as const)("wild salmon, $what: $answer", ({ ruleSetId, log, answer }) => {
    const hold = frozen(ruleSetId, log);
    expect(clearRaw(facts("sockeye-salmon", { ruleSetId, hold })).answer).toBe(answer);
  });

  test("a running hold says from when; squid is frozen like fish", () => {
    const hold = { state: "running", endsMs: NOW + 9 * HOUR, needs: said("raw.noneYet") } as const;
    expect(clearRaw(facts("sockeye-salmon", { hold }))).toMatchObject({ answer: "not-yet", fromMs: NOW + 9 * HOUR });
    expect(clearRaw(facts("squid", { form: "cleaned" })).answer).toBe("not-yet");
  });
});

describe("exemptions (Food Code 3-402.11(B); D.3; memory, high)", () => {
  const us = "fda-2022" as const;
  const roe = (parasites: Partial<RawFacts["parasites"]>, form: RawFacts["form"] = "loose-eggs") =>
    facts("trout-roe", { ruleSetId: us, form, parasites: { ...wild, form, ...parasites } });
  const scallop = (parasites: Partial<RawFacts["parasites"]>, part: Partial<RawFacts["shellfish"]> = {}) =>
    facts("king-scallop", {
      ruleSetId: us,
      form: "shucked",
      parasites: { ...wild, form: "shucked", ...parasites },
      shellfish: { ...bag, deaths: null, ...part },
    });
  test.each([
    { what: "yellowfin, US", given: facts("yellowfin-tuna", { ruleSetId: us }), answer: "yes", by: "(B)(3)" },
    { what: "yellowfin, EU", given: facts("yellowfin-tuna"), answer: "not-yet", by: null },
    { what: "amberjack, US", given: facts("amberjack", { ruleSetId: us }), answer: "not-yet", by: null },
    {
      what: "net-pen salmon, US",
      given: facts("atlantic-salmon", { ruleSetId: us, parasites: farmed }),
      answer: "yes",
      by: "(B)(4)",
    },
    { what: "net-pen salmon, EU", given: facts("atlantic-salmon", { parasites: farmed }), answer: "yes", by: "D.3(d)" },
    {
      what: "no word on rearing",
      given: facts("atlantic-salmon", { parasites: { ...farmed, rearing: "unknown" } }),
      answer: "not-yet",
      by: null,
    },
    {
      what: "ranched",
      given: facts("bluefin-tuna", { parasites: { ...farmed, rearing: "ranched" } }),
      answer: "not-yet",
      by: null,
    },
    {
      what: "no word on feed",
      given: facts("arctic-char", { parasites: { ...farmed, feedStatement: "unknown" } }),
      answer: "not-yet",
      by: null,
    },
    { what: "rinsed eggs", given: roe({ skein: "removed-and-rinsed" }), answer: "yes", by: "(B)(5)" },
    { what: "eggs, nobody said", given: roe({}), answer: "not-yet", by: null },
    { what: "sacs", given: roe({ skein: "in" }, "sacs"), answer: "not-yet", by: null },
    { what: "bare muscle, no tag", given: scallop({ roeOn: "no" }, { tag: "unknown" }), answer: "yes", by: "(B)(2)" },
    { what: "roe on, tagged", given: scallop({ roeOn: "yes" }), answer: "yes", by: "(B)(1)" },
    { what: "roe on, no tag", given: scallop({ roeOn: "yes" }, { tag: "unknown" }), answer: "not-yet", by: "(B)(1)" },
    { what: "roe unsaid, no tag", given: scallop({}, { tag: "unknown" }), answer: "not-yet", by: "(B)(1)" },
  ] as const)("$what: $answer", ({ given, answer, by }) => {
    const cleared = clearRaw(given);
    expect(cleared.answer).toBe(answer);
    if (by === null) expect(cleared.exemption).toBeNull();
    else expect(english(cleared.exemption)).toContain(by);
  });

  test("a scallop bought shucked is not one we opened: its days decide; one we opened has its hours", () => {
    expect(clearRaw(scallop({ roeOn: "no" })).answer).toBe("yes");
    expect(clearRaw(scallop({ roeOn: "no" }, { openedHAgo: 23 })).answer).toBe("yes");
    expect(clearRaw(scallop({ roeOn: "no" }, { openedHAgo: 25 })).answer).toBe("no");
    expect(clearRaw(scallop({ roeOn: "yes" }, { openedHAgo: 3 })).answer).toBe("no");
  });
});

describe("how warm it was (Food Code 3-501.16; FDA Hazards Guide, June 2022, ch. 7; memory, high)", () => {
  const char = (part: Partial<RawFacts>) => clearRaw(facts("arctic-char", { parasites: farmed, ...part }));
  const history = (log: readonly LogPoint[], part = {}) => ({
    history: { log, longestGapH: 0.5, frozen: { kind: "never" } as const, ...part },
  });
  test.each([
    ["cold throughout", history(kept([30, 1])), "yes"],
    [
      "the door stood open for twenty minutes",
      history([
        [0, 1],
        [5, 1],
        [5.1, 7],
        [5.4, 7],
        [5.5, 1],
        [9, 1],
      ]),
      "yes",
    ],
    ["five hours at 9 °C", history(kept([5, 1], [5, 9], [5, 1])), "no"],
    ["a gap, nobody probed", history(kept([20, 1]), { longestGapH: 11 }), "not-yet"],
    ["a gap, probed cold", { ...history(kept([20, 1]), { longestGapH: 11 }), probeC: 1.8 }, "yes"],
    ["a gap, probed warm", { ...history(kept([20, 1]), { longestGapH: 11 }), probeC: 6.5 }, "no"],
    ["a warm history is not mended by a cold probe", { ...history(kept([5, 9], [5, 1])), probeC: 1 }, "no"],
    ["no readings at all, probed cold", { history: null, probeC: 1 }, "not-yet"],
  ] as const)("%s: %s", (_, part, answer) => {
    expect(char(part).answer).toBe(answer);
  });

  const met = {
    state: "met",
    words: said("safety.frozenAt", { hold: inCelsius(-20), hours: 24 }),
    section: "D.2(a)",
    atMs: NOW,
  } as const;
  const mackerel = (log: readonly LogPoint[], part = {}) =>
    clearRaw(
      facts("mackerel", {
        state: "thawed",
        hold: met,
        ...history(log, { frozen: { kind: "own", fromH: 12 }, ...part }),
      }),
    );
  test.each([
    ["cold, frozen, thawed cold", kept([12, 1], [24, -20], [5, 1]), {}, "met"],
    ["nine hours above 4.4 °C before our freezer", kept([9, 6], [3, 1], [24, -20], [5, 1]), {}, "fails"],
    ["two hours without a reading", kept([12, 1], [24, -20], [5, 1]), { longestGapH: 2 }, "met"],
    ["three hours without a reading, probed or not", kept([12, 1], [24, -20], [5, 1]), { longestGapH: 3 }, "missing"],
  ] as const)("mackerel, %s: %s", (_, log, part, state) => {
    expect(stateOf(mackerel(log, part), "histamine")).toBe(state);
  });
  test("a fish on some lists is watched too, and the hours on board are said to be unknown", () => {
    const sword = clearRaw(facts("swordfish", { form: "loin", ...history(kept([9, 12])) }));
    expect(stateOf(sword, "histamine")).toBe("fails");
    expect(english(clearRaw(facts("mackerel"))).checks.find(({ id }) => id === "histamine")!.text).toMatch(
      /supplier's record/,
    );
  });
  test("live bivalves in the US come down to 5 °C within four hours (3-501.14(D); memory, medium)", () => {
    const at = (log: readonly LogPoint[]) =>
      stateOf(clearRaw(oysters({}, { ruleSetId: "fda-2022", ...history(log) })), "kept-cold");
    expect(at(kept([3, 9], [10, 4]))).toBe("met");
    expect(at(kept([8, 9], [10, 4]))).toBe("fails");
  });
});

describe("species and their families (853/2004 Annex III Sec. VIII Ch. V E; FDA Hazards Guide ch. 6; memory, high)", () => {
  const own = (scientificName: string, family: string | null, likeId = "sea-bass"): Species =>
    houseSpecies(
      {
        id: "own-x",
        name: "Something",
        scientificName,
        family,
        marketNames: [],
        likeId,
        iceLifeDays: 10,
        skinlessPct: 40,
        histamineFormer: "no",
        rawUse: "usual",
      },
      findSpecies(likeId)!,
    );
  const frozenOwn = (species: Species, ruleSetId: RawFacts["ruleSetId"] = "eu-853") =>
    clearRaw(facts("cod", { species, ruleSetId, parasites: { ...wild, freezingStatement: "yes" } }));
  test.each([
    ["Takifugu rubripes", "Tetraodontidae"],
    ["Diodon hystrix", "Diodontidae"],
    ["Mola mola", "Molidae"],
    ["Canthigaster rostrata", "Canthigasteridae"],
    // a wrong family beside a poisonous genus does not help
    ["Takifugu rubripes", "Sparidae"],
  ])("%s of %s is never raw, under any rule set, whatever it is like", (name, family) => {
    for (const rule of ["fda-2022", "eu-853", "uk-2013"] as const)
      expect(frozenOwn(own(name, family), rule)).toMatchObject({ answer: "no" });
  });
  test("a family nobody knows waits; one of the table clears; a likeness never takes a hazard away", () => {
    expect(frozenOwn(own("Ignotus ignotus", "Ignotidae")).answer).toBe("not-yet");
    expect(frozenOwn(own("Pagrus pagrus", null)).answer).toBe("not-yet");
    expect(frozenOwn(own("Pagrus pagrus", "Sparidae")).answer).toBe("yes");
    const bonito = own("Sarda sarda", "Scombridae");
    expect(bonito.histamineFormer).toBe("yes");
    expect(stateOf(frozenOwn(bonito), "histamine")).toBe("met");
    const escolar = frozenOwn(own("Ruvettus pretiosus", "Gempylidae"));
    expect(riskIds(escolar)).toEqual(expect.arrayContaining(["gempylotoxin", "histamine"]));
  });
  test("scallops by family, for a house's own too", () => {
    const queen = own("Aequipecten opercularis", "Pectinidae", "king-scallop");
    const bare = facts("cod", {
      species: queen,
      ruleSetId: "fda-2022",
      form: "shucked",
      parasites: { ...wild, form: "shucked", roeOn: "no" },
    });
    expect(english(clearRaw(bare))).toMatchObject({ answer: "yes", exemption: expect.stringContaining("(B)(2)") });
  });
  test("herring clears cured after freezing, never plain", () => {
    const herring = (dish: "raw" | "cured") =>
      clearRaw(facts("herring", { dish, parasites: { ...wild, freezingStatement: "yes" } })).answer;
    expect([herring("cured"), herring("raw")]).toEqual(["yes", "no"]);
  });
  test("ciguatera is named for a reef fish unless its sea is known to be free of it", () => {
    const snapper = (area: string | null) => riskIds(clearRaw(facts("red-snapper", { shellfish: { ...bag, area } })));
    expect(snapper("31")).toContain("ciguatera");
    expect(snapper(null)).toContain("ciguatera");
    expect(riskIds(clearRaw(facts("cod")))).not.toContain("ciguatera");
  });
});

describe("refused or waiting", () => {
  const char = (part: Partial<RawFacts>) => clearRaw(facts("arctic-char", { parasites: farmed, ...part }));
  test.each([
    ["monkfish is never raw", { species: findSpecies("monkfish")! }],
    ["taken in for cooking only", { verdict: "cook-only" as const }],
    ["past its raw life", { rawUntilMs: NOW - HOUR }],
    ["a by-product", { form: "by-product" as const }],
    ["a house whose guests are old or ill (3-801.11)", { susceptibleGuests: true, ruleSetId: "fda-2022" as const }],
  ])("no: %s", (_, part) => {
    expect(english(char(part))).toMatchObject({
      answer: "no",
      untilMs: null,
      headline: expect.stringMatching(/^Not raw/),
    });
  });
  test.each([
    ["nobody judged it", { verdict: null }],
    ["one look is no inspection", { inspected: "no" as const }],
    ["no lot number", { box: { source: "yes", area: "yes", date: "yes", lotNumber: "unknown" } as const }],
    ["still frozen", { state: "frozen" as const }],
    ["its age is not known", { rawUntilMs: null }],
  ])("not yet: %s", (_, part) => {
    expect(char(part).answer).toBe("not-yet");
  });
  test("a headline says what was met and no more", () => {
    expect(english(char({}).headline)).toMatch(/parasite rule/);
    expect(english(char({}).headline)).not.toMatch(/\bsafe\b/i);
  });
});

describe("raw bivalves", () => {
  test("alive, tagged, from listed waters in a cold month: cleared, with the risks that stay and the advice", () => {
    const cleared = clearRaw(oysters());
    expect(cleared.answer).toBe("yes");
    expect(riskIds(cleared)).toEqual(expect.arrayContaining(["vibrio", "norovirus", "biotoxins"]));
    expect(english(cleared.advisory.reminder)).toMatch(/immune/);
  });
  test.each([
    ["six dead of a hundred", { deaths: { dead: 6, counted: 100 } }, "no"],
    ["five dead of a hundred", { deaths: { dead: 5, counted: 100 } }, "yes"],
    ["nobody tapped them", { deaths: null }, "not-yet"],
    ["no tag", { tag: "unknown" as const }, "not-yet"],
    ["neither list nor class", { dealerListed: "unknown" as const }, "not-yet"],
    ["class A alone, in the EU", { dealerListed: "unknown" as const, waterClass: "A" as const }, "yes"],
    ["class B", { waterClass: "B" as const }, "no"],
    ["a warm month, water unknown", { harvestMonth: 8 }, "not-yet"],
    ["August in the south is winter", { harvestMonth: 8, area: "81" }, "yes"],
    ["January in the south is summer", { harvestMonth: 1, area: "81" }, "not-yet"],
    ["a warm sea has no cold month", { harvestMonth: 1, area: "71" }, "not-yet"],
    ["a month without a sea", { area: null }, "not-yet"],
    ["a warm month, cold water", { harvestMonth: 8, waterC: 13 }, "yes"],
    ["water of 23 °C", { harvestMonth: 8, waterC: 23 }, "no"],
  ] as const)("%s: %s", (_, part, answer) => {
    expect(clearRaw(oysters(part)).answer).toBe(answer);
  });
  test("the US asks the dealer's list, not the class", () => {
    const us = { ruleSetId: "fda-2022" } as const;
    expect(clearRaw(oysters({ dealerListed: "unknown", waterClass: "A" }, us)).answer).toBe("not-yet");
    expect(clearRaw(oysters({}, us)).answer).toBe("yes");
  });
});

test("rule and section read as one, the code's whole title before a section that names its article", () => {
  const words = (id: "fda-2022" | "eu-853") => {
    const { edition, options } = PARASITE_RULES[id];
    return ruleWords({ edition, section: options[0]!.section });
  };
  expect(words("fda-2022")).toBe("FDA Food Code 2022 with its supplement, 3-402.11(A)(1)");
  expect(words("eu-853")).toBe("Reg. (EC) 853/2004, as amended, Annex III, Sec. VIII, Ch. III D, D.2(a)");
});
