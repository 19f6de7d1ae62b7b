import { stockBalance, type Draw, type SauceSpec } from "@/core/butter";

type Kept = { readonly spec: SauceSpec };
type Booked = { readonly speciesId: string; readonly covers: number };

const STOCK = "fish-stock";

/** What tonight's sauces draw from the pots by the covers of their dishes; changing a cover changes the pot. */
export function stockDraws(sauces: readonly Kept[], booked: readonly Booked[], haveMl: number) {
  const draws: readonly Draw[] = sauces.flatMap(({ spec }) => {
    const each = [...spec.base, ...spec.mount].reduce(
      (sum, { ingredientId, massG }) => (ingredientId === STOCK ? sum + massG / spec.covers : sum),
      0,
    );
    const covers = booked.reduce((sum, line) => (spec.goesWith.includes(line.speciesId) ? sum + line.covers : sum), 0);
    return each > 0 && covers > 0 ? [{ what: spec.name, ml: each * covers }] : [];
  });
  return { draws, balance: stockBalance(draws, haveMl) };
}
