import { breakdownsFor, expectedParts, type AnimalId } from "@/core/block";
import { FORMS } from "@/core/freshness";
import { SPECIES } from "@/core/species";
import { DRAWINGS, FRAME } from "./index";

test("every part of every way of breaking down has its place in the drawing of the animal", () => {
  const missing = new Set<string>();
  for (const species of SPECIES)
    for (const { id: form } of FORMS)
      for (const way of breakdownsFor(species, form)) {
        const drawn = new Set(DRAWINGS[way.animal].regions.flatMap(({ parts }) => parts));
        for (const { id } of expectedParts(way, species, form)) if (!drawn.has(id)) missing.add(`${way.animal}: ${id}`);
      }
  expect([...missing]).toEqual([]);
});

test.each(Object.keys(DRAWINGS) as AnimalId[])("%s: numbers lie in the frame and apart from each other", (animal) => {
  const numbers = DRAWINGS[animal].regions.map(({ at }) => at);
  for (const [x, y] of numbers) {
    expect(x).toBeGreaterThan(10);
    expect(x).toBeLessThan(FRAME.width - 10);
    expect(y).toBeGreaterThan(10);
    expect(y).toBeLessThan(FRAME.height - 5);
  }
  for (const [index, [x, y]] of numbers.entries())
    for (const [a, b] of numbers.slice(index + 1)) expect(Math.hypot(x - a, y - b)).toBeGreaterThan(13);
});
