import type { Engine, Literals, Propagator } from "./engine";

/** Sum of factor times side, never over `most`; factors are positive. */
export function linear(
  engine: Engine,
  terms: readonly { readonly side: number; readonly factor: number }[],
  most: number,
): Propagator {
  const { bound } = engine;
  return {
    propagate: () => {
      let sum = 0;
      for (const { side, factor } of terms) sum += factor * bound[side]!;
      if (sum > most) return engine.contradiction(reasons(null));
      for (const { side, factor } of terms) {
        const highest = bound[side]! + Math.floor((most - sum) / factor + 1e-9);
        if (highest >= -bound[side ^ 1]!) continue;
        if (!engine.imply(side ^ 1, -highest, reasons(side))) return false;
      }
      return true;
    },
  };
  function reasons(but: number | null): Literals {
    const all: Literals = [];
    for (const { side } of terms) if (side !== but) all.push(side, bound[side]!);
    return all;
  }
}
