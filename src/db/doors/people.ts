import { randomUUID } from "node:crypto";
import { and, asc, eq, isNull, ne } from "drizzle-orm";
import { ok, refuse, type Refusal, type Result } from "@/core/shared";
import { DAY_MS, HOUR_MS } from "@/core/units";
import type { Role } from "@/house/people";
import type { Db } from "../connection";
import { findHouse } from "../house/house";
import { appendEntry } from "../ledger";
import { remembering } from "../remember";
import { house, staff } from "../schema/house";
import type { Stamp } from "../stamp";

export type Person = typeof staff.$inferSelect;

/** From the PIN on the name alone is enough for so long: a shift and what follows it. */
export const SHIFT_MS = 16 * HOUR_MS;

/** Everybody of the house who has not left, or whose day is not over. */
export const listPeople = (db: Db, atMs: number): readonly Person[] =>
  db
    .select()
    .from(staff)
    .where(isNull(staff.leftAtMs))
    .orderBy(asc(staff.name))
    .all()
    .filter(({ untilMs }) => untilMs === null || untilMs > atMs);

export const findPerson = (db: Db, id: string, atMs: number): Person | undefined =>
  listPeople(db, atMs).find((one) => one.id === id);

/** Whether there is a chef who can sign in. Until there is one the house has no locks. */
export const hasChef = remembering([staff], (db): boolean =>
  db
    .select({ pinHash: staff.pinHash })
    .from(staff)
    .where(and(eq(staff.role, "chef"), isNull(staff.leftAtMs)))
    .all()
    .some(({ pinHash }) => pinHash !== null),
);

/** Whether nobody acts here without having come in: there is a chef, and the house was not made to be tried. */
export const isLocked = (db: Db): boolean => findHouse(db)?.demo === false && hasChef(db);

export type PersonFacts = { readonly name: string; readonly role: Role; readonly pinHash: string | null };

/** Read aloud "Maike" and "maike" are one name; SQLite's lower() knows ASCII alone. */
const isSameName = (one: string, other: string) => one.toLocaleLowerCase("en") === other.toLocaleLowerCase("en");

/** Takes somebody into the house, an inspector for a day; refused: that name is another's. */
export function takeIn(
  db: Db,
  { name, role, pinHash }: PersonFacts,
  { who, atMs }: Stamp,
): Result<Person, Refusal<"nameIsTaken">> {
  return db.transaction((tx) => {
    const known = tx
      .select()
      .from(staff)
      .all()
      .find((one) => isSameName(one.name, name));
    if (known && known.leftAtMs === null && (known.untilMs === null || known.untilMs > atMs))
      return refuse("nameIsTaken");
    const facts = {
      role,
      pinHash,
      signedInAtMs: null,
      untilMs: role === "inspector" ? atMs + DAY_MS : null,
      leftAtMs: null,
    };
    const person = known
      ? tx.update(staff).set(facts).where(eq(staff.id, known.id)).returning().get()
      : tx
          .insert(staff)
          .values({ id: randomUUID(), name, ...facts })
          .returning()
          .get();
    appendEntry(tx, { atMs, who, kind: "person-set", payload: { name, role, change: "came" } });
    return ok(person);
  });
}

/** Says what somebody is here; refused: the last chef stays one. */
export function setRole(
  db: Db,
  id: string,
  role: Role,
  { who, atMs }: Stamp,
): Result<null, Refusal<"noSuchPerson" | "lastChef">> {
  return db.transaction((tx) => {
    const person = findPerson(tx, id, atMs);
    if (!person) return refuse("noSuchPerson");
    if (role !== "chef" && isLastChef(tx, person)) return refuse("lastChef");
    tx.update(staff)
      .set({ role, untilMs: role === "inspector" ? atMs + DAY_MS : null })
      .where(eq(staff.id, id))
      .run();
    appendEntry(tx, { atMs, who, kind: "person-set", payload: { name: person.name, role, change: "role" } });
    return ok(null);
  });
}

/** Gives somebody a new PIN. That it was changed is in the book, the PIN is nowhere. */
export function setPin(
  db: Db,
  id: string,
  pinHash: string,
  { who, atMs }: Stamp,
): Result<null, Refusal<"noSuchPerson">> {
  return db.transaction((tx) => {
    const person = findPerson(tx, id, atMs);
    if (!person) return refuse("noSuchPerson");
    tx.update(staff).set({ pinHash, signedInAtMs: null }).where(eq(staff.id, id)).run();
    appendEntry(tx, {
      atMs,
      who,
      kind: "person-set",
      payload: { name: person.name, role: person.role, change: "pin" },
    });
    return ok(null);
  });
}

/** Somebody leaves the house: signs in nowhere any more, what was written stays. Refused: the last chef stays. */
export function letGo(db: Db, id: string, { who, atMs }: Stamp): Result<null, Refusal<"noSuchPerson" | "lastChef">> {
  return db.transaction((tx) => {
    const person = findPerson(tx, id, atMs);
    if (!person) return refuse("noSuchPerson");
    if (isLastChef(tx, person)) return refuse("lastChef");
    tx.update(staff).set({ leftAtMs: atMs, pinHash: null, signedInAtMs: null }).where(eq(staff.id, id)).run();
    appendEntry(tx, {
      atMs,
      who,
      kind: "person-set",
      payload: { name: person.name, role: person.role, change: "left" },
    });
    return ok(null);
  });
}

/** A PIN was typed and right: for this shift the name is enough. */
export const noteSignIn = (db: Db, id: string, atMs: number): void => {
  db.update(staff).set({ signedInAtMs: atMs }).where(eq(staff.id, id)).run();
};

/** Whether the PIN was typed in this shift. */
export const isOnShift = ({ signedInAtMs }: Pick<Person, "signedInAtMs">, atMs: number): boolean =>
  signedInAtMs !== null && atMs - signedInAtMs < SHIFT_MS;

/** The same by name. */
export const isOnShiftByName = (db: Db, name: string, atMs: number): boolean =>
  listPeople(db, atMs).some((one) => one.name === name && isOnShift(one, atMs));

function isLastChef(db: Db, { id, role }: Person): boolean {
  if (role !== "chef") return false;
  const others = db
    .select({ id: staff.id })
    .from(staff)
    .where(and(eq(staff.role, "chef"), isNull(staff.leftAtMs), ne(staff.id, id)))
    .all();
  return others.length === 0;
}

/** The chef's pass phrase as it is kept; null: none was set. */
export const phraseHash = (db: Db): string | null =>
  db.select({ hash: house.phraseHash }).from(house).get()?.hash ?? null;

/** Sets the first chef of a house that had no locks, with PIN and pass phrase; refused: there is one already. */
export function makeChef(
  db: Db,
  { name, pinHash, phrase }: { readonly name: string; readonly pinHash: string; readonly phrase: string },
  stamp: Stamp,
): Result<Person, Refusal<"chefAlready" | "nameIsTaken">> {
  return db.transaction((tx) => {
    if (hasChef(tx)) return refuse("chefAlready");
    const known = listPeople(tx, stamp.atMs).find((one) => isSameName(one.name, name));
    const keepPhrase = () => tx.update(house).set({ phraseHash: phrase }).run();
    if (!known) {
      const came = takeIn(tx, { name, role: "chef", pinHash }, stamp);
      if (came.ok) keepPhrase();
      return came;
    }
    keepPhrase();
    setRole(tx, known.id, "chef", stamp);
    setPin(tx, known.id, pinHash, stamp);
    return ok(findPerson(tx, known.id, stamp.atMs)!);
  });
}
