import { createHash } from "node:crypto";
import { desc, eq } from "drizzle-orm";
import type { CardSpec } from "@/core/cards";
import { stableJson } from "@/core/shared";
import { CardBody } from "@/house/cards/cardSpec";
import type { Db } from "../connection";
import { appendEntry } from "../ledger";
import { remembering } from "../remember";
import { specs } from "../schema/larder";
import type { Stamp } from "../stamp";

export type KeptCard = { readonly hash: string; readonly cardId: string; readonly spec: CardSpec };

/** Keeps a card as it is from now on: a plate that went before keeps the hash it was made by. The same again changes nothing. */
export function keepCard(db: Db, cardId: string, spec: CardSpec, { who, atMs }: Stamp): string {
  const hash = createHash("sha256")
    .update(stableJson({ specId: cardId, kind: "card", body: spec }))
    .digest("hex");
  return db.transaction((tx) => {
    // back to an earlier wording: the newest row is in force, so it is said anew
    const known = tx.select().from(specs).where(eq(specs.hash, hash)).get();
    if (known && findCard(tx, cardId)?.hash === hash) return hash;
    if (known) tx.update(specs).set({ atMs, who }).where(eq(specs.hash, hash)).run();
    else tx.insert(specs).values({ hash, specId: cardId, kind: "card", name: spec.name, body: spec, atMs, who }).run();
    const subjects = [
      { kind: "spec", id: hash },
      { kind: "spec", id: cardId },
    ] as const;
    appendEntry(tx, { atMs, who, kind: "spec-kept", payload: { name: spec.name, hash }, subjects });
    return hash;
  });
}

/** The cards of the house as they are now, by name; a special of another day is not among them. */
export const cardSpecs = (db: Db, day: string | null = null): readonly KeptCard[] =>
  newestCards(db).filter(({ spec }) => day === null || spec.onlyOn === null || spec.onlyOn === day);

const newestCards = remembering([specs], (db): readonly KeptCard[] => {
  const newest = new Map<string, KeptCard>();
  for (const row of db.select().from(specs).where(eq(specs.kind, "card")).orderBy(desc(specs.atMs)).all()) {
    if (!newest.has(row.specId)) {
      newest.set(row.specId, { hash: row.hash, cardId: row.specId, spec: CardBody.parse(row.body) });
    }
  }
  return [...newest.values()].sort((a, b) => a.spec.name.localeCompare(b.spec.name));
});

export const findCard = (db: Db, cardId: string): KeptCard | undefined =>
  cardSpecs(db).find((card) => card.cardId === cardId);
