import { keyed } from "@/core/shared";
import type { Anatomy } from "@/core/species";

/** How long live animals keep and how: common practice unless the row says otherwise. Never fresh water, never airtight. */
export type LiveStorage = {
  readonly minC: number;
  readonly maxC: number;
  readonly lifeDays: readonly [number, number];
  /** harvest: out of the water since then; door: the supplier kept them in water until they came. */
  readonly countsFrom: "harvest" | "door";
  readonly how: string;
  readonly source: string;
};

const CUSTOM_HIGH = "common practice, high";
const CUSTOM = "common practice, medium";
const DAMP = "damp cloth or seaweed, in air, no melt water";
const FROM_WATER = "harvest" as const;
const FROM_DOOR = "door" as const;

const LOBSTER: LiveStorage = {
  minC: 2,
  maxC: 5,
  lifeDays: [1, 2],
  countsFrom: FROM_DOOR,
  how: DAMP,
  source: CUSTOM_HIGH,
};
const CLAM: LiveStorage = {
  minC: 2,
  maxC: 7,
  lifeDays: [5, 10],
  countsFrom: FROM_WATER,
  how: "drained, in air",
  source: CUSTOM,
};

/** By how the animal is built. */
export const LIVE_STORAGE: Partial<Readonly<Record<Anatomy, LiveStorage>>> = keyed(
  "liveStorage",
  {
    lobster: LOBSTER,
    "spiny-lobster": LOBSTER,
    langoustine: { ...LOBSTER, minC: 1, maxC: 4, how: "damp, each in its own tube", source: CUSTOM },
    crab: { ...LOBSTER, minC: 4, maxC: 8, lifeDays: [2, 3], how: "damp and dark", source: CUSTOM },
    "leg-crab": { ...LOBSTER, minC: 4, maxC: 8, lifeDays: [1, 2], how: "damp and dark", source: CUSTOM },
    oyster: {
      ...CLAM,
      lifeDays: [7, 10],
      how: "hollow shell down, pressed, damp cloth",
      source: CUSTOM_HIGH,
    },
    mussel: { ...CLAM, maxC: 5, lifeDays: [3, 5], source: CUSTOM_HIGH },
    clam: CLAM,
    scallop: { ...CLAM, minC: 1, maxC: 4, lifeDays: [2, 3], how: "flat shell up, lying flat" },
    snail: { ...CLAM, minC: 2, maxC: 5, lifeDays: [2, 4], how: "damp, in air" },
    urchin: { ...CLAM, maxC: 5, lifeDays: [3, 5], how: "damp, in air" },
  },
  ["how"],
);

/** Where a family keeps otherwise than its build says. */
export const LIVE_STORAGE_OF_FAMILY: Readonly<Record<string, LiveStorage>> = keyed(
  "liveStorageOfFamily",
  {
    Portunidae: { ...LOBSTER, minC: 8, maxC: 12, how: "damp; dies when colder", source: CUSTOM },
    Pharidae: { ...CLAM, lifeDays: [2, 3] },
    Solenidae: { ...CLAM, lifeDays: [2, 3] },
    Cardiidae: { ...CLAM, lifeDays: [3, 4] },
  },
  ["how"],
);

/** The usual care of a live animal that has no row of its own. */
export const LIVE_DEFAULT: LiveStorage = keyed(
  "liveStorageUsual",
  {
    minC: 2,
    maxC: 7,
    lifeDays: [1, 2],
    countsFrom: FROM_WATER,
    how: DAMP,
    source: `${CUSTOM}, low`,
  },
  ["how"],
);
