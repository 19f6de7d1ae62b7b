import { openingOf, planCook, waysFor, type CookRequest } from "@/core/cooking";
import { adviseSmoke } from "@/core/cure";
import { lifeRate, spoilageRate } from "@/core/freshness";
import {
  ALLERGEN_LISTS,
  coolingRuleOf,
  judgeHistamineExposure,
  judgeHotHold,
  partCooking,
  practiceOf,
  RULE_SETS,
  TAG_RETENTION,
  type RuleSetId,
} from "@/core/safety";
import { carries, findSpecies, SPECIES } from "@/core/species";
import { completeness, namedAllergens } from "@/core/trace";
import { runVerb } from "./index";
import { english } from "@/words/english.testkit";

/**
 * What a food-safety officer, a fishmonger and a line cook would strike out, one row each, with its rule. The rules are recalled
 * (`memory`); customs of the trade are named as such.
 */

type Any = Readonly<Record<string, unknown>>;
function verb<T>(name: string, input: Any): T {
  const found = runVerb(name, input)!;
  if (!found.ok) throw new Error(`${name}: ${found.error.message}`);
  return found.value as T;
}
type Cleared = { readonly answer: string; readonly checks: readonly { readonly id: string; readonly state: string }[] };
const clear = (part: Any) =>
  verb<Cleared>("clear", { rule: "fda-2022", species: "cod", form: "side", state: "chilled", dish: "raw", ...part });
const check = (id: string, part: Any) => clear(part).checks.find((one) => one.id === id)?.state ?? "not asked";
type Door = {
  readonly verdict: string;
  readonly complete: boolean;
  readonly reasons: readonly { readonly code: string }[];
};
const door = (part: Any) =>
  verb<Door>("door", { rule: "eu-853", species: "cod", form: "whole-gutted", state: "chilled", ...part });
type Cook = {
  readonly peak_c: number;
  readonly safety: { readonly meets: boolean; readonly rule: string };
  readonly warnings: readonly string[];
  readonly stages: readonly { readonly seconds: number; readonly heat: boolean }[];
  readonly ways: readonly string[];
};
const cook = (part: Any) => verb<Cook>("cook", part);
const flat = (hours: number, celsius: number) =>
  Array.from({ length: hours * 2 + 1 }, (_, index) => [index / 2, celsius] as const);
const asked = (speciesId: string, part: Partial<CookRequest> = {}): CookRequest => ({
  species: findSpecies(speciesId)!,
  shape: { kind: "slab", thicknessMm: 25 },
  skin: false,
  startC: 8,
  methodId: "steam",
  goal: { kind: "centre", targetC: 52 },
  ruleSetId: "fda-2022",
  ...part,
});
const told = (request: CookRequest) => {
  const planned = planCook(request);
  if (!planned.ok) throw new Error(planned.error.message.code);
  return english(planned.value);
};
const asksAtDoor = (ruleSetId: RuleSetId, fish: string) =>
  completeness(ruleSetId, {
    species: findSpecies(fish)!,
    form: "fillet",
    production: "wild",
    area: "",
    gear: "",
    source: "",
    caughtOn: null,
    frozen: false,
    provenance: {},
  }).all.map(({ id }) => id);
const smoke = (minutes: number) =>
  adviseSmoke({ boxC: 20, minutes, waterPhasePct: 4, cleared: true, vacuumPacked: false }).some(
    ({ level }) => level === "ok",
  );

test.each<{ line: string; source: string; got: () => unknown; want: unknown }>([
  {
    line: "A1 a warm probe mends no gap",
    source: "Food Code 2022, 3-501.16(A)(2)",
    got: () => [5, 5.2].map((probe_c) => check("kept-cold", { history: flat(20, 1), history_gap_h: 9, probe_c })),
    want: ["met", "fails"],
  },
  {
    line: "A2 no likeness takes a hazard away",
    source: "Reg. (EC) 853/2004, Annex III, Sec. VIII, Ch. V, E",
    got: () =>
      check("parasites", {
        species: { scientific_name: "Mola mola", family: "Molidae", like: "sea-scallop", raw_use: "usual" },
      }) === "met",
    want: false,
  },
  {
    line: "A5 eight hours warm before our freezing are not forgiven",
    source: "Hazards guide, June 2022, ch. 7",
    got: () => judgeHistamineExposure([...flat(9, 10), [9.1, -20], [60, -20]], { kind: "own", fromH: 9 }).ok,
    want: false,
  },
  {
    line: "A6 mi-cuit fish asks what raw asks, US",
    source: "Food Code 2022, 3-402.11",
    got: () => told(asked("cod")).warnings.some((words) => words.includes("3-402.11")),
    want: true,
  },
  {
    line: "A6 a scallop has no parasites to ask about",
    source: "Food Code 2022, 3-402.11(B)",
    got: () =>
      told(
        asked("king-scallop", {
          shape: { kind: "puck", diameterMm: 36, heightMm: 20 },
          goal: { kind: "centre", targetC: 50 },
        }),
      ).warnings.some((words) => words.includes("parasite rule")),
    want: false,
  },
  {
    line: "A7 rinsed eggs are exempt in the US, sacs are not",
    source: "Food Code 2022, 3-402.11(B)(5)",
    got: () => [
      check("parasites", { species: "trout-roe", form: "loose-eggs", skein: "removed-and-rinsed" }),
      check("parasites", { species: "trout-roe", form: "sacs", skein: "in" }),
    ],
    want: ["met", "missing"],
  },
  {
    line: "A8 two readings a week apart prove nothing",
    source: "12 h between readings, ours; Food Code 2022, 3-402.11(A)(1)",
    got: () =>
      [
        [
          [0, -20],
          [168, -20],
        ],
        Array.from({ length: 169 }, (_, hour) => [hour, -20]),
      ].map((hold) => check("parasites", { hold })),
    want: ["missing", "met"],
  },
  {
    line: "A9 a cold smoke has an end",
    source: "Food Code 2022, 3-502.11(A); 12 h ours",
    got: () => [smoke(600), smoke(1440)],
    want: [true, false],
  },
  {
    line: "A10 a warm sea is never a cold month",
    source: "model ordinance for molluscan shellfish (growing temperature)",
    got: () =>
      ["27.4", "31", "71"].map((area) =>
        check("vibrio", { species: "pacific-oyster", form: "live", state: "live", area, month: 1 }),
      )[2] === "met",
    want: false,
  },
  {
    line: "A12 the Union has no figure for minced fish: reached, never met",
    source: "Reg. (EC) 852/2004, Art. 5",
    got: () => {
      const { safety } = told(
        asked("brown-crab", {
          form: "cake",
          shape: { kind: "puck", diameterMm: 65, heightMm: 24 },
          methodId: "crab-cake",
          goal: { kind: "safe" },
          ruleSetId: "eu-853",
        }),
      );
      return [safety.meets, safety.reached, safety.rule.includes("no figure in the law")];
    },
    want: [false, true, true],
  },
  {
    line: "A13 shells by the rule obey it",
    source: "Codex CAC/GL 79-2012",
    got: () => {
      const planned = planCook(
        asked("mussel", {
          form: "shells",
          shape: { kind: "sphere", diameterMm: 18 },
          methodId: "open-shells",
          goal: { kind: "safe" },
          ruleSetId: "eu-853",
        }),
      );
      return planned.ok ? planned.value.peakC >= 90 && planned.value.safety.meets : "refused";
    },
    want: true,
  },
  {
    line: "A14 England: one spell, and warming brings nothing back",
    source: "Food Safety and Hygiene (England) Regulations 2013, Sch. 4",
    got: () =>
      (["uk-2013", "fda-2022"] as const).map(
        (id) =>
          judgeHotHold(
            id,
            [
              [0, 70],
              [10, 50],
              [20, 70],
            ],
            30,
            5,
          ).state,
      ),
    want: ["over", "counting"],
  },
  {
    line: "A15 eel says its floor",
    source: "eel blood is a toxin that heat destroys (common practice)",
    got: () => told(asked("eel")).warnings.some((words) => words.startsWith("Not under")),
    want: true,
  },
  {
    line: "A17 nothing raw where guests are susceptible",
    source: "Food Code 2022, 3-801.11(C)",
    got: () => clear({ susceptible_guests: true }).answer,
    want: "no",
  },
  {
    line: "A18 one look is no inspection",
    source: "common practice",
    got: () => door({ grades: { skin: 0 } }).complete,
    want: false,
  },
  {
    line: "B19 a loin nine days from catch is not refused for its days",
    source: "ice life is counted on whole fish (Huss 1995)",
    got: () => door({ species: "yellowfin-tuna", form: "loin", celsius: 1, days_since_catch: 9 }).verdict,
    want: "accept",
  },
  {
    line: "B20 herring clears cured after freezing",
    source: "Reg. (EC) 853/2004, Annex III, Sec. VIII, Ch. III D.1(b)",
    got: () => check("parasites", { rule: "eu-853", species: "herring", dish: "cured", hold: flat(26, -21) }),
    want: "met",
  },
  {
    line: "B21, B22 the house refuses, the law has a wider figure",
    source: "Sch. 4 of the Regulations 2013; Reg. (EC) 853/2004, Annex III, Sec. VIII, Ch. VII",
    got: () =>
      [RULE_SETS["uk-2013"].receiving.fresh, RULE_SETS["eu-853"].receiving.fresh].map(
        ({ by, refuseAboveC, noteAboveC }) => [by, refuseAboveC, noteAboveC],
      ),
    want: [
      ["house", 5, 2],
      ["house", 4, 2],
    ],
  },
  {
    line: "B23 a pot is cooled by the rule of its own house",
    source: "Food Standards Agency guidance; Reg. (EC) 852/2004, Annex II, Ch. IX, 6",
    got: () => (["fda-2022", "eu-853", "uk-2013"] as const).map(coolingRuleOf),
    want: ["fda-2022", "eu-852", "uk-2013"],
  },
  {
    line: "C24 curing to keep asks a variance, or the plan",
    source: "Food Code 2022, 3-502.11; Reg. (EC) 852/2004, Art. 5",
    got: () => [practiceOf("fda-2022", "curing").paper, practiceOf("eu-853", "curing").paper],
    want: ["the variance with its hazard plan", "the plan and its records"],
  },
  {
    line: "C25 ninety days from the last of the lot",
    source: "Food Code 2022, 3-203.12",
    got: () => TAG_RETENTION["fda-2022"].days,
    want: 90,
  },
  {
    line: "C26 ciguatera follows grouper and amberjack, not cod",
    source: "Hazards guide, June 2022, ch. 6",
    got: () => ["grouper", "amberjack", "cod"].map((id) => carries(findSpecies(id)!, "ciguatera")),
    want: ["yes", "yes", "no"],
  },
  {
    line: "C26 the size of the fish is asked of a reef fish, and of no other",
    source: "Hazards guide, June 2022, ch. 6",
    got: () =>
      (["fda-2022", "eu-853"] as const).flatMap((id) =>
        ["grouper", "cod"].map((fish) => asksAtDoor(id, fish).includes("wholeKg")),
      ),
    want: [true, false, true, false],
  },
  {
    line: "C26 eel travels with its paper",
    source: "Reg. (EC) 338/97, Annex B (memory)",
    got: () => ["eel", "bluefin-tuna", "cod"].map((fish) => asksAtDoor("eu-853", fish).includes("catchDocument")),
    want: [true, true, false],
  },
  {
    line: "C27 molluscs are not on the US list; it names the species",
    source: "Food Code 2022, 1-201.10(B)",
    got: () => [ALLERGEN_LISTS["fda-2022"].named.includes("molluscs"), ALLERGEN_LISTS["fda-2022"].namesSpecies],
    want: [false, true],
  },
  {
    line: "C27 the same plate of mussels in butter, named by three lists",
    source: "Food Code 2022, 1-201.10(B); Reg. (EU) 1169/2011, Annex II",
    got: () =>
      (["fda-2022", "eu-853", "uk-2013"] as const).map(
        (id) => namedAllergens(id, findSpecies("mussel")!, ["molluscs", "milk"]).words,
      ),
    want: [["milk"], ["molluscs", "milk"], ["molluscs", "milk"]],
  },
  {
    line: "C28 in two goes: an hour at most for the first, the full value for the second",
    source: "Food Code 2022, 3-401.14",
    got: () => [3600, 3660].map((seconds) => partCooking("fda-2022", "fish", seconds).first.fits),
    want: [true, false],
  },
  {
    line: "C30 bought bivalves are not purged in the Union",
    source: "Reg. (EC) 853/2004, Annex III, Sec. VII, Ch. VIII",
    got: () => practiceOf("eu-853", "purging").asks.startsWith("not after dispatch"),
    want: true,
  },
  { line: "D32 at least 95 species", source: "common practice", got: () => SPECIES.length >= 95, want: true },
  {
    line: "D33 a floured pan, a boil, a salt crust are ways",
    source: "common practice",
    got: () => {
      const offered = (fish: string, form: "whole" | "piece", mm: number) =>
        waysFor({ species: findSpecies(fish)!, shape: { kind: "slab", thicknessMm: mm }, form }).map(({ id }) => id);
      const [whole, fillet] = [offered("sea-bass", "whole", 40), offered("dover-sole", "piece", 12)];
      return [whole.includes("salt-crust"), fillet.includes("meuniere"), whole.includes("oil-confit")];
    },
    want: [true, true, false],
  },
  {
    line: "D35 warmth takes the faster of the two models",
    source: "Ratkowsky et al. 1982; Dalgaard and Huss 1997",
    got: () => [10, 20, 30].map((pointC) => lifeRate("temperate", pointC) > spoilageRate("temperate", pointC)),
    want: [false, true, true],
  },
  {
    line: "D36 a thin piece that rises more than is usual says so",
    source: "carry-over of a few kelvin (common practice)",
    got: () => {
      const { carryOver } = told(
        asked("cod", { shape: { kind: "slab", thicknessMm: 12 }, methodId: "skin-turned", skin: true }),
      );
      return carryOver.risesK > 0 && Number.isFinite(carryOver.usualMostK);
    },
    want: true,
  },
  {
    line: "E37 halibut opens at its own doneness",
    source: "48-52 °C (common practice)",
    got: () => openingOf(findSpecies("halibut")!).goal,
    want: { kind: "centre", targetC: 50 },
  },
  {
    line: "E37 a lobster is not told what frees fish of parasites",
    source: "Reg. (EC) 853/2004, Annex III, Sec. VIII, Ch. III D.1 speaks of finfish and cephalopods",
    got: () => {
      const lobster = asked("european-lobster", {
        form: "tails",
        shape: { kind: "cylinder", diameterMm: 38 },
        goal: { kind: "centre", targetC: 58 },
        ruleSetId: "eu-853",
      });
      const { rule, meets } = told(lobster).safety;
      return [rule.includes("parasites"), rule.includes("no figure in the law"), meets];
    },
    want: [false, true, false],
  },
  {
    line: "E40 no ridged pan for a lobster in its shell, no list left empty",
    source: "common practice",
    got: () => {
      const { ways } = cook({ species: "american-lobster", form: "whole" });
      return [ways.length > 0, ways.includes("ridged-rare"), ways.includes("roast-whole")];
    },
    want: [true, false, false],
  },
])("$line ($source)", ({ got, want }) => {
  expect(got()).toEqual(want);
});
