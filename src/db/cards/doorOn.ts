import { and, asc, eq, gte, lt } from "drizzle-orm";
import { allergensTogether, type Allergens } from "@/core/larder";
import type { RuleSetId } from "@/core/safety";
import type { Db } from "../connection";
import { plates } from "../schema/cards";
import { specs } from "../schema/larder";

export type DoorRow = {
  readonly name: string;
  readonly plates: number;
  /** What the plates of that day were known to hold when they went; later changes of a card or a label do not touch it. */
  readonly allergens: Allergens;
};
export type PastDoor = {
  readonly rows: readonly DoorRow[];
  /** The rule set the plates went under. */
  readonly ruleSetId: RuleSetId | null;
};

/** The allergens of every card as its plates of a stretch went. */
export function doorBetween(db: Db, fromMs: number, toMs: number): PastDoor {
  const went = db
    .select({ name: specs.name, allergens: plates.allergens, ruleSetId: plates.ruleSetId })
    .from(plates)
    .innerJoin(specs, eq(specs.hash, plates.cardHash))
    .where(and(gte(plates.atMs, fromMs), lt(plates.atMs, toMs)))
    .orderBy(asc(specs.name))
    .all();
  const rows = new Map<string, { count: number; all: Allergens[] }>();
  for (const { name, allergens } of went) {
    const row = rows.get(name) ?? { count: 0, all: [] };
    row.count += 1;
    if (allergens) row.all.push(allergens);
    rows.set(name, row);
  }
  return {
    rows: [...rows].map(([name, { count, all }]) => ({ name, plates: count, allergens: allergensTogether(all) })),
    ruleSetId: went[0]?.ruleSetId ?? null,
  };
}
