import { randomUUID } from "node:crypto";
import { and, asc, isNull, ne } from "drizzle-orm";
import type { RuleSetId } from "@/core/safety";
import { ok, refuse, type Refusal, type Result } from "@/core/shared";
import type { Db } from "../connection";
import { appendEntry } from "../ledger";
import { remembering } from "../remember";
import { house, places, staff } from "../schema/house";

export type House = typeof house.$inferSelect;

export type NewHouse = {
  readonly name: string;
  readonly timeZone: string;
  readonly units: "metric" | "imperial";
  readonly ruleSetId: RuleSetId;
  readonly cooks: readonly string[];
  readonly coldRoomC: number;
  readonly susceptibleGuests?: boolean;
  /** Made to be tried. */
  readonly demo?: boolean;
  /** ISO 4217. */
  readonly currency?: string | null;
  readonly decimalMark?: House["decimalMark"];
};

export const findHouse = remembering([house], (db): House | undefined => db.select().from(house).get());

/** Opens the house once; refused when there is one already. */
export function openHouse(db: Db, wanted: NewHouse, atMs: number): Result<House, Refusal<"openAlready">> {
  return db.transaction((tx) => {
    if (findHouse(tx)) return refuse("openAlready");
    const {
      name,
      timeZone,
      units,
      ruleSetId,
      susceptibleGuests = false,
      currency = null,
      decimalMark = null,
      demo = false,
    } = wanted;
    const opened = tx
      .insert(house)
      .values({
        id: 1,
        name,
        timeZone,
        units,
        ruleSetId,
        susceptibleGuests,
        currency,
        decimalMark,
        demo,
        createdAtMs: atMs,
      })
      .returning()
      .get();
    for (const cook of new Set(wanted.cooks)) tx.insert(staff).values({ id: randomUUID(), name: cook }).run();
    tx.insert(places).values({ id: randomUUID(), name: "Fish cold room", setC: wanted.coldRoomC }).run();
    const who = wanted.cooks[0] ?? "house";
    appendEntry(tx, { atMs, who, kind: "house-opened", payload: { name, ruleSetId, timeZone } });
    return ok(opened);
  });
}

/** Everybody who cooks here and has not left. */
export const listStaff = remembering([staff], (db) =>
  db
    .select()
    .from(staff)
    .where(and(isNull(staff.leftAtMs), ne(staff.role, "inspector")))
    .orderBy(asc(staff.name))
    .all(),
);

/** Says what the house pays in. Prices already kept are numbers of it: they are not converted. */
export function setCurrency(db: Db, currency: string, who: string, atMs: number): void {
  db.transaction((tx) => {
    tx.update(house).set({ currency }).run();
    appendEntry(tx, { atMs, who, kind: "house-changed", payload: { currency } });
  });
}

/** Says what the house writes between whole and parts. */
export function setDecimalMark(db: Db, decimalMark: "point" | "comma", who: string, atMs: number): void {
  db.transaction((tx) => {
    tx.update(house).set({ decimalMark }).run();
    appendEntry(tx, { atMs, who, kind: "house-changed", payload: { decimalMark } });
  });
}

/** Says whom the house serves; written down, for it decides what may leave the kitchen. */
export function setSusceptibleGuests(db: Db, susceptibleGuests: boolean, who: string, atMs: number): void {
  db.transaction((tx) => {
    tx.update(house).set({ susceptibleGuests }).run();
    appendEntry(tx, { atMs, who, kind: "house-changed", payload: { susceptibleGuests } });
  });
}

/** Says when service begins, minutes of the day: prep counts back from it. */
export function setServiceMin(db: Db, serviceMin: number, who: string, atMs: number): void {
  db.transaction((tx) => {
    tx.update(house).set({ serviceMin }).run();
    appendEntry(tx, { atMs, who, kind: "house-changed", payload: { serviceMin } });
  });
}

/** Says by which names the house may be called. */
export function setHostNames(db: Db, hostNames: readonly string[], who: string, atMs: number): void {
  db.transaction((tx) => {
    tx.update(house).set({ hostNames }).run();
    appendEntry(tx, { atMs, who, kind: "house-changed", payload: { hostNames } });
  });
}

/** Says how many pairs of hands stand at the line. */
export function setLineHands(db: Db, lineHands: number, who: string, atMs: number): void {
  db.transaction((tx) => {
    tx.update(house).set({ lineHands }).run();
    appendEntry(tx, { atMs, who, kind: "house-changed", payload: { lineHands } });
  });
}

export type CardMoneyRow = Pick<House, "vatPct" | "extraCents" | "targetPct">;

/** Says the tax in the prices, the cents a cover for salt, oil, lemon and bread, and what share is too dear. */
export function setCardMoney(db: Db, money: CardMoneyRow, who: string, atMs: number): void {
  db.transaction((tx) => {
    tx.update(house).set(money).run();
    appendEntry(tx, { atMs, who, kind: "house-changed", payload: { ...money } });
  });
}
