import { randomUUID } from "node:crypto";
import { desc, eq } from "drizzle-orm";
import type { Db } from "../connection";
import { appendEntry } from "../ledger";
import { cardNotes } from "../schema/cards";
import { findCard } from "./cardSpecs";

type Stamp = { readonly who: string; readonly atMs: number };
export type CardNote = typeof cardNotes.$inferSelect;

/** What is kept beside a card, newest first. */
export const notesOf = (db: Db, cardId: string): readonly CardNote[] =>
  db.select().from(cardNotes).where(eq(cardNotes.cardId, cardId)).orderBy(desc(cardNotes.atMs)).all();

/** Keeps a recipe from elsewhere beside a card. False: there is no such card. */
export function keepNote(
  db: Db,
  cardId: string,
  { title, body }: { readonly title: string; readonly body: string },
  { who, atMs }: Stamp,
): boolean {
  const card = findCard(db, cardId);
  if (!card) return false;
  db.transaction((tx) => {
    tx.insert(cardNotes).values({ id: randomUUID(), cardId, title, body, who, atMs }).run();
    const payload = { name: card.spec.name, title };
    appendEntry(tx, { atMs, who, kind: "card-note-kept", payload, subjects: [{ kind: "spec", id: cardId }] });
  });
  return true;
}

/** Takes a note away. False: there is none of that id. */
export function dropNote(db: Db, noteId: string, { who, atMs }: Stamp): boolean {
  const note = db.select().from(cardNotes).where(eq(cardNotes.id, noteId)).get();
  if (!note) return false;
  db.transaction((tx) => {
    tx.delete(cardNotes).where(eq(cardNotes.id, noteId)).run();
    const subjects = [{ kind: "spec", id: note.cardId }] as const;
    appendEntry(tx, { atMs, who, kind: "card-note-dropped", payload: { title: note.title }, subjects });
  });
  return true;
}
