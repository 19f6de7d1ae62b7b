import { usualRange } from "./usualRange";

test("45 kg where the last were 4 is not usual, 12 is; too few of its own say nothing", () => {
  const [from, to] = usualRange([4000, 3800, 4600, 0])!;
  expect(45_000 > to && 12_000 < to && 1200 > from && 400 < from).toBe(true);
  expect(usualRange([4000, 3800])).toBeNull();
});
