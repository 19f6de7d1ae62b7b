import { stockBalance, type Draw, type SauceSpec, type StockPlan } from "@/core/butter";
import { coversOfSauce, type BookedLine } from "./tonight";

type Kept = { readonly specId: string; readonly spec: SauceSpec };

const STOCK = "fish-stock";

/** What tonight's sauces draw from the pots by the covers of their dishes; changing a cover changes the pot. */
export function stockDraws(sauces: readonly Kept[], booked: readonly BookedLine[], haveMl: number) {
  const draws: readonly Draw[] = sauces.flatMap(({ specId, spec }) => {
    const each = [...spec.base, ...spec.mount].reduce(
      (sum, { ingredientId, massG }) => (ingredientId === STOCK ? sum + massG / spec.covers : sum),
      0,
    );
    const covers = coversOfSauce(specId, spec, booked);
    return each > 0 && covers > 0 ? [{ what: spec.name, ml: each * covers }] : [];
  });
  return { draws, balance: stockBalance(draws, haveMl) };
}

/** Bones out, sieve, and the pot off the stove. */
const STRAIN_MIN = 10;

/** When the next pot goes on to be strained by `wantedMin`, minutes of the day; below nought: it is too late for that. */
export const nextPotAtMin = (
  { toSimmerMin }: Pick<StockPlan, "toSimmerMin">,
  simmerMin: number,
  wantedMin: number,
): number => wantedMin - Math.ceil(toSimmerMin + simmerMin + STRAIN_MIN);

/** Minutes of the day as they are said, 16:05. */
export const minuteText = (minute: number): string => {
  const whole = ((Math.round(minute) % 1440) + 1440) % 1440;
  return `${String(Math.floor(whole / 60)).padStart(2, "0")}:${String(whole % 60).padStart(2, "0")}`;
};
