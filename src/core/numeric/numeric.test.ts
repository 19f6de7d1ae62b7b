import fc from "fast-check";
import {
  alongLine,
  bisect,
  clamp,
  crossing,
  greatestThatDoes,
  interpolate,
  leastThatDoes,
  mean,
  normalBelow,
  normalQuantile,
  solvePositive,
  sum,
  sumOf,
  type Point,
} from ".";

const real = fc.double({ min: -1000, max: 1000, noNaN: true });
const points = fc
  .uniqueArray(fc.tuple(fc.integer({ min: -100, max: 100 }), real), {
    minLength: 1,
    maxLength: 8,
    selector: ([x]) => x,
  })
  .map((all): readonly Point[] => all.toSorted(([a], [b]) => a - b));

test("straight lines between points go through each, stay between neighbours and end level", () => {
  fc.assert(
    fc.property(points, fc.double({ min: -120, max: 120, noNaN: true }), (all, x) => {
      for (const [at, value] of all) expect(interpolate(all, at)).toBeCloseTo(value, 9);
      const after = all.findIndex(([at]) => at >= x);
      const [low, high] = [all[(after < 0 ? all.length : after) - 1], all[after]];
      const ends = [low, high].flatMap((one) => (one ? [one[1]] : []));
      const found = interpolate(all, x);
      expect(found).toBeGreaterThanOrEqual(Math.min(...ends) - 1e-9);
      expect(found).toBeLessThanOrEqual(Math.max(...ends) + 1e-9);
    }),
  );
});

test("where a line crosses a value it has that value; a level line crosses at its end", () => {
  fc.assert(
    fc.property(real, real, real, real, real, (x0, y0, x1, y1, y) => {
      fc.pre(Math.abs(y1 - y0) > 1e-3 && Math.abs(x1 - x0) > 1e-3);
      const x = crossing([x0, y0], [x1, y1], y);
      expect(alongLine([x0, y0], [x1, y1], x)).toBeCloseTo(y, 3);
    }),
  );
  expect(crossing([1, 5], [2, 5], 5)).toBe(2);
  expect(alongLine([3, 5], [3, 7], 3)).toBe(7);
});

test("halving encloses the turn in 2^-n of the bracket", () => {
  fc.assert(
    fc.property(
      fc.double({ min: 0.001, max: 99.999, noNaN: true }),
      fc.integer({ min: 0, max: 40 }),
      (turn, halvings) => {
        const [low, high] = bisect((x) => x >= turn, [0, 100], halvings);
        expect(low).toBeLessThanOrEqual(turn);
        expect(high).toBeGreaterThanOrEqual(turn);
        expect(high - low).toBeCloseTo(100 / 2 ** halvings, 9);
      },
    ),
  );
  // an exact solution: the root of two
  expect(mean(bisect((x) => x * x >= 2, [0, 2], 50))).toBeCloseTo(Math.SQRT2, 12);
});

test("the least and the greatest whole number that do are those that counting finds", () => {
  const range = fc
    .tuple(fc.integer({ min: -30, max: 30 }), fc.nat(40))
    .map(([low, more]) => [low, low + more] as const);
  fc.assert(
    fc.property(range, fc.integer({ min: -40, max: 80 }), ([low, high], turn) => {
      const all = Array.from({ length: high - low + 1 }, (_, index) => low + index);
      expect(leastThatDoes((n) => n >= turn, [low, high])).toBe(all.find((n) => n >= turn) ?? high);
      expect(greatestThatDoes((n) => n <= turn, [low, high])).toBe(all.findLast((n) => n <= turn) ?? low);
    }),
  );
});

test("sums and means are those of plain addition; a clamp is the nearest value of its range", () => {
  fc.assert(
    fc.property(fc.array(real), real, real, real, (values, a, b, value) => {
      const added = values.reduce((total, one) => total + one, 0);
      expect(sum(values)).toBe(added);
      expect(sumOf(values, (one) => 2 * one)).toBeCloseTo(2 * added, 6);
      if (values.length > 0) expect(mean(values) * values.length).toBeCloseTo(added, 6);
      const [low, high] = [Math.min(a, b), Math.max(a, b)];
      const held = clamp(value, low, high);
      expect(held).toBeGreaterThanOrEqual(low);
      expect(held).toBeLessThanOrEqual(high);
      for (const other of [low, high]) expect(Math.abs(held - value)).toBeLessThanOrEqual(Math.abs(other - value));
      expect(clamp(held, low, high)).toBe(held);
    }),
  );
  expect([sum([]), mean([])]).toEqual([0, Number.NaN]);
});

// Abramowitz and Stegun, Handbook of Mathematical Functions, tables 26.1 and 26.5
test.each([
  [0, 0.5],
  [1, 0.841344746],
  [1.96, 0.97500210485],
  [2.5, 0.993790334674],
  [-1, 0.158655254],
])("below %d standard deviations of a normal distribution lies %d of it", (deviations, share) => {
  expect(normalBelow(deviations)).toBeCloseTo(share, 8);
});
test.each([
  [0.5, 0],
  [0.9, 1.28155],
  [0.95, 1.64485],
  [0.975, 1.95996],
  [0.99, 2.32635],
])("that share %d of it lies below %d", (share, deviations) => {
  expect(normalQuantile(share)).toBeCloseTo(deviations, 5);
});

test("a small positive system is solved: what is put back gives the right side, and the inverse's diagonal is that of the inverse", () => {
  const size = 3;
  const square = fc.array(fc.array(fc.double({ min: -3, max: 3, noNaN: true }), { minLength: size, maxLength: size }), {
    minLength: size,
    maxLength: size,
  });
  const times = (matrix: readonly (readonly number[])[], vector: readonly number[]) =>
    matrix.map((row) => row.reduce((total, value, index) => total + value * vector[index]!, 0));
  fc.assert(
    fc.property(square, fc.array(real, { minLength: size, maxLength: size }), (any, right) => {
      // A Aᵀ + 1 is positive definite whatever A is
      const matrix = any.map((row, i) =>
        any.map((other, j) => row.reduce((total, value, k) => total + value * other[k]!, 0) + (i === j ? 1 : 0)),
      );
      const { solution, inverseDiagonal } = solvePositive(matrix, right);
      times(matrix, solution).forEach((value, index) => expect(value).toBeCloseTo(right[index]!, 6));
      inverseDiagonal.forEach((value, column) => {
        const unit = right.map((_, row) => (row === column ? 1 : 0));
        expect(solvePositive(matrix, unit).solution[column]).toBeCloseTo(value, 12);
      });
    }),
  );
  // by hand: [[4, 2], [2, 5]] has the inverse [[5, -2], [-2, 4]] / 16
  expect(
    solvePositive(
      [
        [4, 2],
        [2, 5],
      ],
      [8, 12],
    ),
  ).toEqual({ solution: [1, 2], inverseDiagonal: [0.3125, 0.25] });
  expect(solvePositive([[-1]], [1]).solution[0]).toBeNaN();
});
