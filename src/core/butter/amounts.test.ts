import fc from "fast-check";
import {
  coldEmulsion,
  dishSalt,
  fatsFor,
  INGREDIENTS,
  judgeOil,
  ricePlan,
  slurryOf,
  STARCHES,
  stripDue,
  type DishPart,
} from "@/core/butter";

describe("rice", () => {
  // common practice: 4 covers 1 : 1.75 in a small pan, 40 covers 1 : 1.2 in a large pot
  test.each([
    { covers: 4, riceMl: 260, potMm: 180, ratio: 1.75 },
    { covers: 40, riceMl: 2600, potMm: 320, ratio: 1.2 },
  ])("$covers covers want about 1 : $ratio", ({ riceMl, potMm, ratio }) => {
    expect(Math.abs(ricePlan({ riceMl, potMm, minutes: 14, lid: false }).ratio - ratio)).toBeLessThan(0.12);
  });
  test("under a lid it wants less", () => {
    const ask = { riceMl: 300, potMm: 200, minutes: 14 };
    expect(ricePlan({ ...ask, lid: true }).waterMl).toBeLessThan(ricePlan({ ...ask, lid: false }).waterMl);
  });
});

describe("starch", () => {
  // starch handbooks; common practice: flour does half the work of maize starch
  test("flour must boil and does half of maize starch's work; root starches must not", () => {
    expect(slurryOf(500, "gravy", "wheat-flour").starchG).toBeCloseTo(
      2 * slurryOf(500, "gravy", "maize-starch").starchG,
      6,
    );
    expect(STARCHES.filter(({ boilsMin }) => boilsMin === null).map(({ id }) => id)).toEqual([
      "potato-starch",
      "tapioca-starch",
      "arrowroot",
    ]);
    expect(STARCHES.every(({ gelsC: [from, to] }) => from > 50 && from < to && to < 80)).toBe(true);
  });
  test("a sour liquid wants more", () => {
    expect(slurryOf(500, "coats", "maize-starch", 1.5).starchG).toBeGreaterThan(
      slurryOf(500, "coats", "maize-starch").starchG,
    );
  });
});

describe("salt by part", () => {
  const part = (role: DishPart["role"], massG: number, saltPct: number, reducedToG: number | null = null) => ({
    role,
    name: role,
    massG,
    saltPct,
    reducedToG,
  });
  test("each part against its own band", () => {
    const { parts, whole } = dishSalt([part("fish", 170, 0.3), part("sauce", 50, 0.95), part("garnish", 40, 2)]);
    expect(parts.map(({ verdict }) => verdict)).toEqual(["flat", "right", "to-taste"]);
    expect(whole.saltG).toBeCloseTo(0.51 + 0.475 + 0.8, 9);
  });
  test("adding what it says brings a part into its band, and so does what dilutes it", () => {
    fc.assert(
      fc.property(
        fc.constantFrom("fish" as const, "sauce" as const),
        fc.double({ min: 5, max: 400, noNaN: true }),
        fc.double({ min: 0, max: 4, noNaN: true }),
        (role, massG, saltPct) => {
          const [found] = dishSalt([part(role, massG, saltPct)]).parts;
          const saltG = (massG * saltPct) / 100;
          const salted = dishSalt([
            part(role, massG + found!.addG, (100 * (saltG + found!.addG)) / (massG + found!.addG)),
          ]);
          const diluted = dishSalt([
            part(role, massG + found!.diluteG + 1e-6, (100 * saltG) / (massG + found!.diluteG + 1e-6)),
          ]);
          return found!.verdict === "salty"
            ? diluted.parts[0]!.verdict === "right"
            : salted.parts[0]!.verdict === "right";
        },
      ),
    );
  });
  test("reducing leaves the salt and takes the water: 600 ml of 2.5 % to 200 are 7.5 %", () => {
    expect(dishSalt([part("sauce", 600, 2.5, 200)]).parts[0]!.saltPct).toBeCloseTo(7.5, 9);
  });
});

describe("cold emulsions", () => {
  const ask = { oilG: 250, yolkG: 18, waterG: 25, acidG: 1.5, egg: "pasteurised" } as const;
  // common practice: a yolk to a quarter of a litre of oil
  test("a yolk binds a quarter of a litre", () => {
    expect(coldEmulsion(ask).state).toBe("holds");
    expect(coldEmulsion({ ...ask, oilG: 500, waterG: 60 }).state).toBe("breaks");
  });
  test("what it says brings it back does", () => {
    const broken = coldEmulsion({ ...ask, oilG: 250, yolkG: 18, waterG: 5 });
    expect(broken.state).toBe("breaks");
    expect(coldEmulsion({ ...ask, waterG: 5 + broken.rescueWaterG }).state).toBe("holds");
  });
  test("raw egg says its rule and is for the day", () => {
    const raw = coldEmulsion({ ...ask, egg: "raw" });
    expect(raw.because.map(({ code }) => code)).toContain("butter.rawEggRule");
    expect(raw.keepsHours).toBe(24);
  });
});

describe("oil and heat", () => {
  test("whole butter smokes in a hot pan that refined oil stands", () => {
    const rows = fatsFor(INGREDIENTS, 190);
    const fits = (id: string) => rows.find((one) => one.id === id)?.fits;
    expect(fits("butter")).toBe("no");
    expect(fits("sunflower-oil")).not.toBe("no");
  });
  // limits of several countries: 24 to 27 % polar compounds; memory, high
  test.each([
    [15, "good"],
    [22, "watch"],
    [24, "change-today"],
    [27, "out"],
  ] as const)("%d %% polar compounds: %s", (pct, verdict) => {
    expect(judgeOil(pct)).toBe(verdict);
  });
  test("hours only ask for the strip", () => {
    expect([stripDue(null), stripDue(3), stripDue(9)]).toEqual([true, false, true]);
  });
});
