import { createHash, randomBytes, randomUUID } from "node:crypto";
import { and, asc, eq, isNull } from "drizzle-orm";
import { MINUTE_MS } from "@/core/units";
import { ok, refuse, type Refusal, type Result } from "@/core/shared";
import type { Db } from "../connection";
import { appendEntry } from "../ledger";
import { scales } from "../schema/block";
import { deviceKeys, type DEVICE_KINDS } from "../schema/doors";
import { places } from "../schema/house";
import { ticketSenders } from "../schema/line";
import { probes } from "../schema/stove";
import type { Stamp } from "../stamp";

export type DeviceKind = (typeof DEVICE_KINDS)[number];

/** 144 bits: nobody tries them through. */
const KEY_BYTES = 18;
/** That it was seen is written so often at most. */
const SEEN_EVERY_MS = MINUTE_MS;

/** What is kept of a key, in hexadecimal. */
export const keyHashOf = (key: string): string => createHash("sha256").update(key).digest("hex");

const standing = (kind: DeviceKind, subjectId: string) =>
  and(eq(deviceKeys.kind, kind), eq(deviceKeys.subjectId, subjectId), isNull(deviceKeys.endedAtMs));

export const hasKey = (db: Db, kind: DeviceKind, subjectId: string): boolean =>
  db.select({ id: deviceKeys.id }).from(deviceKeys).where(standing(kind, subjectId)).get() !== undefined;

/** A new key, told this once; the one before it stops working. Call it inside the transaction of the change. */
export function newKey(db: Db, kind: DeviceKind, subjectId: string, { who, atMs }: Stamp): string {
  const key = randomBytes(KEY_BYTES).toString("base64url");
  db.update(deviceKeys).set({ endedAtMs: atMs }).where(standing(kind, subjectId)).run();
  db.insert(deviceKeys)
    .values({ id: randomUUID(), kind, subjectId, keyHash: keyHashOf(key), madeAtMs: atMs, madeBy: who })
    .run();
  return key;
}

/** Whose key was sent, of this kind; null: nobody's. That it was seen is noted. */
export function subjectOfKey(db: Db, kind: DeviceKind, sent: string, atMs: number): string | null {
  const known = db
    .select()
    .from(deviceKeys)
    .where(and(eq(deviceKeys.kind, kind), eq(deviceKeys.keyHash, keyHashOf(sent)), isNull(deviceKeys.endedAtMs)))
    .get();
  if (!known) return null;
  if (known.lastSeenMs === null || atMs - known.lastSeenMs >= SEEN_EVERY_MS)
    db.update(deviceKeys).set({ lastSeenMs: atMs }).where(eq(deviceKeys.id, known.id)).run();
  return known.subjectId;
}

export type KeyRow = {
  readonly id: string;
  readonly kind: DeviceKind;
  readonly name: string;
  readonly madeAtMs: number;
  readonly madeBy: string;
  readonly lastSeenMs: number | null;
};

/** Every key that stands, with the name of what it is of. */
export function listKeys(db: Db): readonly KeyRow[] {
  const names = {
    sensor: nameOf(db, places),
    scale: nameOf(db, scales),
    probe: nameOf(db, probes),
    tickets: nameOf(db, ticketSenders),
  };
  return db
    .select()
    .from(deviceKeys)
    .where(isNull(deviceKeys.endedAtMs))
    .orderBy(asc(deviceKeys.madeAtMs))
    .all()
    .map(({ id, kind, subjectId, madeAtMs, madeBy, lastSeenMs }) => ({
      id,
      kind,
      name: names[kind].get(subjectId) ?? subjectId,
      madeAtMs,
      madeBy,
      lastSeenMs,
    }));
}

const nameOf = (db: Db, table: typeof places | typeof scales | typeof probes | typeof ticketSenders) =>
  new Map(
    db
      .select({ id: table.id, name: table.name })
      .from(table)
      .all()
      .map(({ id, name }) => [id, name] as const),
  );

/** Ends a key: what sends with it is turned away from now on. Refused when none stands under that id. */
export function endKey(db: Db, id: string, { who, atMs }: Stamp): Result<null, Refusal<"noSuchKey">> {
  return db.transaction((tx) => {
    const known = listKeys(tx).find((key) => key.id === id);
    if (!known) return refuse("noSuchKey");
    tx.update(deviceKeys).set({ endedAtMs: atMs }).where(eq(deviceKeys.id, id)).run();
    appendEntry(tx, { atMs, who, kind: "key-ended", payload: { device: known.kind, name: known.name } });
    return ok(null);
  });
}

type Named<Row> = {
  readonly kind: DeviceKind;
  readonly entry: "scale-set" | "probe-set" | "sender-set";
  readonly find: (tx: Db) => Row | undefined;
  readonly add: (tx: Db) => Row;
};

/** Adds a device by its name, or gives it a new key and ends the old one; the key is told this once. */
export const setNamed = <Row extends { readonly id: string }>(
  db: Db,
  name: string,
  { kind, entry, find, add }: Named<Row>,
  { who, atMs }: Stamp,
): Row & { readonly key: string } =>
  db.transaction((tx) => {
    const known = find(tx);
    const row = known ?? add(tx);
    const key = newKey(tx, kind, row.id, { who, atMs });
    appendEntry(tx, { atMs, who, kind: entry, payload: { name, renewed: known !== undefined } });
    return { ...row, key };
  });
