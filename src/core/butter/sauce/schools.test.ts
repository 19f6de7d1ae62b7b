import fc from "fast-check";
import {
  bindingOf,
  compareSchools,
  FAMILIES,
  mountingOf,
  planSauce,
  schoolsOf,
  SPHERES,
  type SauceSpec,
} from "@/core/butter";

const STOVE = { pan: { diameterMm: 200 }, netPowerW: 900, startC: 20 };
const named = (id: string): SauceSpec => {
  const family = FAMILIES.find((one) => one.id === id)!;
  return { ...family.spec, name: family.label, goesWith: [] };
};

describe("the families a house begins from", () => {
  test.each(FAMILIES.map(({ id }) => ({ id })))("$id can be made, holds where it is kept, and is bound", ({ id }) => {
    const spec = named(id);
    const plan = planSauce(spec, 4, STOVE);
    expect(plan.ok && plan.value.batch.sauce.state).toBe("holds");
    expect(bindingOf([...spec.base, ...spec.mount]).bound).toBe("well");
  });
});

describe("what binds the fat", () => {
  // McClements, Food Emulsions: d32 = 6 phi Gamma / c; memory
  test("the finest drops are six times fat and coverage over what binds", () => {
    const { finestDropMicron, emulsifierG, surfaceM2 } = bindingOf([{ ingredientId: "butter", massG: 150 }]);
    expect(emulsifierG).toBeCloseTo(150 * 0.007, 6);
    expect(surfaceM2).toBeCloseTo((6 * 150 * 0.82) / 0.905 / 10, 6);
    expect(finestDropMicron).toBeCloseTo((6 * ((150 * 0.82) / 0.905) * 0.002) / (150 * 0.007), 6);
  });
  // common practice: clarified butter alone runs off its water
  test("clarified butter and oil bring nothing, a yolk or a spoon of cream does", () => {
    const clarified = { ingredientId: "clarified-butter", massG: 150 };
    expect(bindingOf([clarified]).bound).toBe("not");
    expect(bindingOf([clarified, { ingredientId: "egg-yolk", massG: 18 }]).bound).toBe("well");
    expect(
      bindingOf([
        { ingredientId: "olive-oil", massG: 100 },
        { ingredientId: "cream", massG: 30 },
      ]).bound,
    ).toBe("well");
    expect(bindingOf([{ ingredientId: "water", massG: 100 }]).bound).toBe("no-fat");
  });
  test("more of what binds never makes the drops coarser", () => {
    fc.assert(
      fc.property(fc.double({ min: 1, max: 200, noNaN: true }), (yolkG) => {
        const fat = { ingredientId: "clarified-butter", massG: 200 };
        const drop = (massG: number) => bindingOf([fat, { ingredientId: "egg-yolk", massG }]).finestDropMicron!;
        return drop(yolkG * 1.1) < drop(yolkG);
      }),
    );
  });
  // Scott and Kilgour 1969; Kepler's packing
  test("the landmarks of hard spheres", () => {
    expect(SPHERES.stacked).toBeCloseTo(Math.PI / (3 * Math.SQRT2), 2);
    expect(SPHERES.thrown).toBeCloseTo(0.64, 2);
  });
});

describe("mounting", () => {
  // common practice: 150 g go in over two to three minutes, cube by cube, on a low flame
  test("150 g of cold cubes take two to three minutes", () => {
    const { minutes, heldBackBy } = mountingOf(45, 150, 52, "cold", "flame");
    expect(minutes).toBeGreaterThan(1.8);
    expect(minutes).toBeLessThan(3);
    expect(heldBackBy).toBe("whisk");
  });
  test("soft butter wants less heat than cold, and a bath holds back what a flame does not", () => {
    expect(mountingOf(45, 150, 52, "soft", "bath").needsW).toBeLessThanOrEqual(160);
    expect(mountingOf(20, 400, 52, "cold", "bath").heldBackBy).toBe("heat");
    expect(mountingOf(20, 400, 52, "cold", "bath").minutes).toBeGreaterThan(
      mountingOf(20, 400, 52, "soft", "bath").minutes,
    );
  });
});

describe("schools side by side", () => {
  const spec = named("white-butter");
  const found = compareSchools(spec, 4, STOVE, { surfaceMm: 160, lid: false }, 150);
  const by = (id: string) => (found.ok ? found.value.find((one) => one.id === id)! : null)!;

  test("cream carries more heat and waits longer than butter alone", () => {
    expect(by("with-cream").sauce.holdC.to).toBeGreaterThan(by("alone").sauce.holdC.to);
    expect(by("with-cream").holdsUntilMin!).toBeGreaterThan(by("alone").holdsUntilMin!);
  });
  test("ice whipped in brings water: less fat to it than the others", () => {
    expect(by("whipped").sauce.fatToWater!).toBeLessThan(by("with-cream").sauce.fatToWater!);
  });
  test("a sauce without butter has no schools", () => {
    expect(schoolsOf({ ...spec, mount: [{ ingredientId: "olive-oil", massG: 50 }] })).toEqual([]);
  });
});
