import { findSpecies } from "@/core/species";
import { planCook } from "./plan";
import type { CookRequest } from "./request";
import { english } from "@/words/english.testkit";

// cautions of the trade: sticking, smoke points, crowding, chill, white protein, rare and raw fish (common practice)

const base: CookRequest = {
  species: findSpecies("arctic-char")!,
  shape: { kind: "slab", thicknessMm: 26 },
  skin: true,
  startC: 8,
  methodId: "skin-then-oven",
  goal: { kind: "centre", targetC: 48 },
  ruleSetId: "fda-2022",
};
const says = (part: Partial<CookRequest> = {}) => {
  const planned = planCook({ ...base, ...part });
  if (!planned.ok) throw new Error(planned.error.message.code);
  return english(planned.value.warnings).join("\n");
};

test.each<[string, Partial<CookRequest>, RegExp]>([
  ["a cool pan", { kit: { panC: 140 }, methodId: "skin-turned" }, /sticks and does not brown/],
  ["a smoking pan", { kit: { panC: 245 } }, /smoke point/],
  ["too many pieces", { pieces: 12, pieceG: 160 }, /crowded .* cook \d+ at a time/],
  ["fridge-cold", { startC: 2 }, /take the chill off/],
  ["from frozen", { startC: -18, methodId: "steam", skin: false }, /most of the heat goes into the ice/],
  ["salmonid far done", { goal: { kind: "centre", targetC: 63 } }, /White protein will weep/],
  ["left out too long", { temperedMin: 300 }, /more than the four hours allowed/],
])("%s is said", (_, part, words) => {
  expect(says(part)).toMatch(words);
});

test("octopus says what salt it takes from its water, and when that is too much", () => {
  const octopus = {
    species: findSpecies("octopus")!,
    shape: { kind: "cylinder", diameterMm: 30, lengthMm: 160 },
    skin: false,
    methodId: "simmer-char",
    goal: { kind: "centre", targetC: 57.5 },
  } as const;
  const light = says({ ...octopus, schoolId: "lightly-salted" });
  expect(light).toMatch(/0\.3 % of its weight in salt.*: salt the plate by hand/);
  expect(says({ ...octopus, schoolId: "sea-salt" })).toMatch(/1\.2 % of its weight in salt.*: too salty/);
});

test("a middling piece in a middling pan hears none of them", () => {
  expect(says({ pieces: 2 })).not.toMatch(/crowded|sticks|smoke|chill|frozen|weep|four hours/);
});

test("rare tuna is for cleared fish only; fish under the cooking rule asks what raw asks", () => {
  const tuna = says({
    species: findSpecies("yellowfin-tuna")!,
    methodId: "ridged-rare",
    skin: false,
    shape: { kind: "slab", thicknessMm: 45 },
    goal: { kind: "centre", targetC: 30 },
  });
  expect(tuna).toMatch(/only fish cleared for raw service/);
  const cod = findSpecies("cod")!;
  expect(says({ species: cod, goal: { kind: "centre", targetC: 50 } })).toMatch(/partially cooked .* parasite rule/);
  expect(says({ species: cod, goal: { kind: "safe" } })).not.toMatch(/parasite rule/);
});

test("a burnt face is refused with what to change, and the change helps", () => {
  const thick = { shape: { kind: "slab", thicknessMm: 36 }, methodId: "skin-unturned", kit: { panC: 250 } } as const;
  const planned = planCook({ ...base, ...thick });
  if (!planned.ok) throw new Error(planned.error.message.code);
  expect(english(planned.value.refusal?.why)).toMatch(/burns before the middle/);
  expect(planned.value.refusal?.change.length).toBeGreaterThan(1);
  const oven = planCook({ ...base, shape: thick.shape });
  if (!oven.ok) throw new Error(oven.error.message.code);
  expect(oven.value.refusal).toBeNull();
});
