import fc from "fast-check";
import { groupBy } from "./groupBy";

test("every row is in one group, in the order it came; keys in the order they first come up", () => {
  fc.assert(
    fc.property(fc.array(fc.tuple(fc.constantFrom("hake", "cod", "ling"), fc.nat(50))), (rows) => {
      const groups = groupBy(rows, ([name]) => name);
      expect([...groups.values()].flat()).toHaveLength(rows.length);
      expect([...groups.keys()]).toEqual([...new Set(rows.map(([name]) => name))]);
      for (const [name, group] of groups) expect(group).toEqual(rows.filter(([key]) => key === name));
    }),
    { seed: 4 },
  );
});
