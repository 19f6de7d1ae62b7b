/** How long live animals keep and how: common practice unless the row says otherwise. Never fresh water, never airtight. */
export type LiveStorage = {
  readonly minC: number;
  readonly maxC: number;
  readonly lifeDays: readonly [number, number];
  readonly how: string;
  readonly source: string;
};

const CUSTOM_HIGH = "common practice, high";
const CUSTOM = "common practice, medium";
const DAMP = "damp cloth or seaweed, in air, no melt water";

const LOBSTER: LiveStorage = { minC: 2, maxC: 5, lifeDays: [1, 2], how: DAMP, source: CUSTOM_HIGH };
const CLAM: LiveStorage = { minC: 2, maxC: 7, lifeDays: [5, 10], how: "drained, in air", source: CUSTOM };
const OYSTER: LiveStorage = {
  minC: 2,
  maxC: 7,
  lifeDays: [7, 10],
  how: "hollow shell down, pressed, damp cloth",
  source: CUSTOM_HIGH,
};
const SCALLOP: LiveStorage = { minC: 1, maxC: 4, lifeDays: [2, 3], how: "flat shell up, lying flat", source: CUSTOM };

export const LIVE_STORAGE: Readonly<Record<string, LiveStorage>> = {
  "european-lobster": LOBSTER,
  "american-lobster": LOBSTER,
  "spiny-lobster": LOBSTER,
  langoustine: { minC: 1, maxC: 4, lifeDays: [1, 2], how: "damp, each in its own tube", source: CUSTOM },
  "brown-crab": { minC: 4, maxC: 8, lifeDays: [2, 3], how: "damp and dark", source: CUSTOM },
  "blue-crab": { minC: 8, maxC: 12, lifeDays: [1, 2], how: "damp; dies when colder", source: CUSTOM },
  "pacific-oyster": OYSTER,
  "flat-oyster": OYSTER,
  mussel: { minC: 2, maxC: 5, lifeDays: [3, 5], how: "drained, in air", source: CUSTOM_HIGH },
  "manila-clam": CLAM,
  "razor-clam": { ...CLAM, lifeDays: [2, 3] },
  cockle: { ...CLAM, lifeDays: [3, 4] },
  "king-scallop": SCALLOP,
  "sea-scallop": SCALLOP,
  "sea-urchin": { minC: 2, maxC: 5, lifeDays: [3, 5], how: "damp, in air", source: CUSTOM },
};

/** The usual care of a live animal that has no row of its own. */
export const LIVE_DEFAULT: LiveStorage = { minC: 2, maxC: 7, lifeDays: [1, 2], how: DAMP, source: `${CUSTOM}, low` };
