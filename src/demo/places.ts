import { sumOf } from "@/core/numeric";
import type { PlaceKind } from "@/core/coldchain";
import { valueOf } from "@/core/shared";
import { DAY_MS } from "@/core/units";
import type { Db } from "@/db/connection";
import { addReadings, listPlaces, setPlace } from "@/db/house/places";

export type DemoPlace = "cold" | "drawer" | "shell" | "freezer" | "blast";

type PlaceRow = {
  readonly name: string;
  readonly kind: PlaceKind;
  readonly setC: number;
  /** Swing of the compressor, K. */
  readonly swingK: number;
  /** Hours ago it began, how long it took, and how far it rose. */
  readonly warm: readonly { readonly hoursAgo: number; readonly hours: number; readonly byK: number }[];
};

const ROWS: Readonly<Record<DemoPlace, PlaceRow>> = {
  cold: {
    name: "Fish cold room",
    kind: "cold-room",
    setC: 1.5,
    swingK: 0.6,
    warm: [{ hoursAgo: 56, hours: 6, byK: 3.9 }],
  },
  drawer: { name: "Pass drawer", kind: "drawer", setC: 2, swingK: 0.7, warm: [{ hoursAgo: 21, hours: 2.5, byK: 5.2 }] },
  shell: { name: "Shellfish cold room", kind: "cold-room", setC: 3, swingK: 0.5, warm: [] },
  freezer: { name: "Freezer", kind: "freezer", setC: -21, swingK: 1, warm: [] },
  blast: { name: "Blast freezer", kind: "freezer", setC: -36, swingK: 1.2, warm: [] },
};

const EVERY_MIN = 20;

/** The five places of the demo house with readings of a sensor every twenty minutes, and the afternoons when a door stood open. */
export function makePlaces(db: Db, days: number, nowMs: number, who: string): Readonly<Record<DemoPlace, string>> {
  const openedMs = nowMs - days * DAY_MS;
  const first = listPlaces(db)[0]!.id;
  const ids = Object.entries(ROWS).map(([key, { name, kind, setC, swingK, warm }]) => {
    const facts = { name, kind, setC, minC: null, maxC: null, everyMin: EVERY_MIN };
    const { id } = valueOf(setPlace(db, key === "cold" ? first : null, facts, { who, atMs: openedMs }));
    const readings = Array.from({ length: (days * 24 * 60) / EVERY_MIN + 1 }, (_, index) => {
      const hoursAgo = days * 24 - (index * EVERY_MIN) / 60;
      const breath = swingK * (0.6 * Math.sin(hoursAgo * 2.1) + 0.4 * Math.sin(hoursAgo / 1.3));
      const door = sumOf(warm, (one) => bump(one.hoursAgo - hoursAgo, one.hours) * one.byK);
      return { atMs: nowMs - Math.round(hoursAgo * 3_600_000), celsius: Math.round((setC + breath + door) * 10) / 10 };
    });
    addReadings(db, id, readings, "sensor", null);
    return [key, id] as const;
  });
  return Object.fromEntries(ids) as Record<DemoPlace, string>;
}

/** Rises over the first sixth, stays, and falls over the last third of its length; 0 outside. */
function bump(sinceH: number, hours: number): number {
  if (sinceH <= 0 || sinceH >= hours) return 0;
  return Math.min(1, sinceH / (hours / 6), (hours - sinceH) / (hours / 3));
}
