import { said } from "@/core/shared";
import path from "node:path";
import { sql } from "drizzle-orm";
import { SPECIES } from "@/core/species";
import { DAY_MS } from "@/core/units";
import { fileUnder, openDatabase, type Db } from "@/db/connection";
import { appendEntry } from "@/db/ledger";
import { listPlaces, type Place } from "@/db/house/places";
import { placeReadings } from "@/db/schema/house";
import { addFishLot } from "@/db/lots/lotRows";
import { lotStays, suppliers } from "@/db/schema/lots";
import { stockOnIce } from "@/db/lots/stock";
import { makeDemoHouse } from "@/demo/house";

const LOTS = 20_000;
const READINGS = 3_000_000;
const PLATES = 1_000_000;
const PARTS_A_PLATE = 4;
const ENTRIES = 1_000_000;
const YEARS = 10;
/** Rows of one insert, under SQLite's limit of variables. */
const CHUNK = 5000;

/** The demo house with ten years of lots, stays, sealed entries and readings before it. */
export function makeTenYears(folder: string, nowMs: number) {
  const db = openDatabase(path.join(folder, "gaffel.sqlite"));
  makeDemoHouse(db, nowMs);
  const places = listPlaces(db);
  const supplierIds = db
    .select()
    .from(suppliers)
    .all()
    .map(({ id }) => id);
  const endMs = nowMs - 16 * DAY_MS;
  const spanMs = YEARS * 365 * DAY_MS;
  db.run(sql.raw("pragma synchronous = off"));
  db.transaction((tx) => {
    for (let index = 0; index < LOTS; index++) {
      const receivedAtMs = Math.round(endMs - (spanMs * (LOTS - index)) / LOTS);
      const placeId = places[index % places.length]!.id;
      addOldLot(tx, { index, receivedAtMs, placeId, supplierId: supplierIds[index % supplierIds.length]! });
    }
    addReadings(tx, places, endMs, spanMs);
  });
  addPlates(db, endMs, spanMs);
  return {
    lots: LOTS,
    readings: READINGS,
    plates: PLATES,
    lotId: stockOnIce(db, nowMs)[0]!.id,
    placeId: places[0]!.id,
  };
}

type OldLot = {
  readonly index: number;
  readonly receivedAtMs: number;
  readonly placeId: string;
  readonly supplierId: string;
};

/** A lot that came, lay three days and was used up, with what is sealed of it. */
function addOldLot(tx: Db, { index, receivedAtMs, placeId, supplierId }: OldLot): void {
  const id = `old-${index}`;
  addFishLot(tx, {
    id,
    code: `Y${index}`,
    supplierId,
    receivedAtMs,
    receivedBy: "Ylva",
    speciesId: SPECIES[index % SPECIES.length]!.id,
    form: "whole-gutted",
    production: "wild",
    area: "FAO 27.4.a",
    gear: "Longline",
    source: "Nattkrok",
    caughtAtMs: receivedAtMs - DAY_MS,
    massG: 5000,
    remainingG: 0,
    totalCents: 4500,
    priceCentsPerKg: 900,
    receiptC: 1.5,
    grades: { skin: 0, eye: 1 },
    verdict: "accept",
    reasons: [
      {
        weight: "decides",
        text: said("freshness.readingOfThePointsAsGood", { reading: 4 }),
        source: "station rule",
      },
    ],
    impliedIceDays: 1 + (index % 5),
    status: "finished",
  });
  tx.insert(lotStays)
    .values({ lotId: id, placeId, fromMs: receivedAtMs, toMs: receivedAtMs + 3 * DAY_MS })
    .run();
  const code = `Y${index}`;
  const about = { atMs: receivedAtMs, who: "Ylva", lotId: id };
  const received = { code, speciesId: "cod", supplier: "Nattkrok", massG: 5000, statedMassG: null, receiptC: 1.5 };
  appendEntry(tx, { ...about, kind: "lot-received", payload: { ...received, verdict: "accept", reasons: [] } });
  appendEntry(tx, { ...about, kind: "lot-finished", payload: { code, reason: "used up", leftG: 0 } });
}

/** A sensor's readings of every place, spread over the years. */
function addReadings(tx: Db, places: readonly Place[], endMs: number, spanMs: number): void {
  const each = READINGS / places.length;
  for (const [number, { id: placeId, setC }] of places.entries()) {
    for (let start = 0; start < each; start += CHUNK) {
      const rows = Array.from({ length: Math.min(CHUNK, each - start) }, (_, offset) => {
        const index = start + offset;
        const celsius = Math.round((setC + Math.sin(index / 7 + number)) * 10) / 10;
        return {
          placeId,
          atMs: Math.round(endMs - (spanMs * (each - index)) / each),
          celsius,
          source: "sensor" as const,
        };
      });
      tx.insert(placeReadings).values(rows).run();
    }
  }
}

/** Plates of ten years, four lots on each, and what is written of them. */
function addPlates(db: Db, endMs: number, spanMs: number): void {
  const sqlite = fileUnder(db);
  const card = sqlite.prepare("select hash from specs where kind = 'card' limit 1").pluck().get() as string;
  const plate = sqlite.prepare(
    "insert into plates (id, card_hash, at_ms, who, state, rule_set_id) values (?, ?, ?, 'Ylva', 'gone', 'eu-853')",
  );
  const part = sqlite.prepare("insert into plate_parts (plate_id, lot_id, mass_g, certainty) values (?, ?, 60, ?)");
  sqlite.transaction(() => {
    for (let index = 0; index < PLATES; index++) {
      const id = `plate-${index}`;
      plate.run(id, card, Math.round(endMs - (spanMs * (PLATES - index)) / PLATES));
      const lot = Math.floor((index * LOTS) / PLATES);
      for (let at = 0; at < PARTS_A_PLATE; at++)
        part.run(id, `old-${Math.max(0, lot - at * 7)}`, at === 3 ? "one-of" : "certain");
    }
  })();
  const written = sqlite.prepare("select count(*) from ledger").pluck().get() as number;
  db.transaction((tx) => {
    for (let index = written; index < ENTRIES; index++) {
      const atMs = Math.round(endMs - (spanMs * (ENTRIES - index)) / ENTRIES);
      appendEntry(tx, { atMs, who: "Ylva", kind: "board-washed", payload: { colour: `blue ${index}` } });
    }
  });
}
