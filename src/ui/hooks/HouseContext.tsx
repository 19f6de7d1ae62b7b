"use client";
import { createContext, useContext, useMemo, type ReactNode } from "react";
import type { RuleSetId } from "@/core/safety";
import type { Species } from "@/core/species";
import type { DecimalMark } from "@/words/format/typedNumber";
import { formatFor, type Format, type Units } from "@/words/format/format";

export type HouseSettings = {
  readonly name: string;
  readonly timeZone: string;
  readonly units: Units;
  /** ISO 4217; null: not said yet. */
  readonly currency: string | null;
  /** What it writes between whole and parts; null: not said yet. */
  readonly decimalMark: DecimalMark;
  readonly ruleSetId: RuleSetId;
  /** Guests who are young, old, pregnant or ill: nothing raw or under-cooked. */
  readonly susceptibleGuests: boolean;
  /** Species the house has added to the table. */
  readonly ownSpecies: readonly Species[];
};

const Context = createContext<(HouseSettings & { readonly format: Format }) | null>(null);

export function HouseProvider({ house, children }: { readonly house: HouseSettings; readonly children: ReactNode }) {
  const value = useMemo(
    () => ({ ...house, format: formatFor(house.units, house.currency, house.decimalMark) }),
    [house],
  );
  return <Context.Provider value={value}>{children}</Context.Provider>;
}

/** How numbers are written; where there is no house yet nobody has said. */
export const useDecimalMark = (): DecimalMark => useContext(Context)?.decimalMark ?? null;

/** The house's settings and its formatter. */
export function useHouse() {
  const house = useContext(Context);
  if (!house) throw new Error("useHouse outside of a house");
  return house;
}
