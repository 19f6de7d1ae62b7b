import { randomUUID } from "node:crypto";
import { desc, eq } from "drizzle-orm";
import { ok, type Refusal, refuse, type Result } from "@/core/shared";
import type { Db } from "../connection";
import { appendEntry } from "../ledger";
import { cardNotes } from "../schema/cards";
import type { Stamp } from "../stamp";
import { findCard } from "./cardSpecs";

export type CardNote = typeof cardNotes.$inferSelect;

/** What is kept beside a card, newest first. */
export const notesOf = (db: Db, cardId: string): readonly CardNote[] =>
  db.select().from(cardNotes).where(eq(cardNotes.cardId, cardId)).orderBy(desc(cardNotes.atMs)).all();

/** Keeps a recipe from elsewhere beside a card. Refused: there is no such card. */
export function keepNote(
  db: Db,
  cardId: string,
  { title, body }: { readonly title: string; readonly body: string },
  { who, atMs }: Stamp,
): Result<null, Refusal<"noSuchCard">> {
  const card = findCard(db, cardId);
  if (!card) return refuse("noSuchCard");
  db.transaction((tx) => {
    tx.insert(cardNotes).values({ id: randomUUID(), cardId, title, body, who, atMs }).run();
    const payload = { name: card.spec.name, title };
    appendEntry(tx, { atMs, who, kind: "card-note-kept", payload, subjects: [{ kind: "spec", id: cardId }] });
  });
  return ok(null);
}

/** Takes a note away. Refused: there is none of that id. */
export function dropNote(db: Db, noteId: string, { who, atMs }: Stamp): Result<null, Refusal<"noSuchNote">> {
  const note = db.select().from(cardNotes).where(eq(cardNotes.id, noteId)).get();
  if (!note) return refuse("noSuchNote");
  db.transaction((tx) => {
    tx.delete(cardNotes).where(eq(cardNotes.id, noteId)).run();
    const subjects = [{ kind: "spec", id: note.cardId }] as const;
    appendEntry(tx, { atMs, who, kind: "card-note-dropped", payload: { title: note.title }, subjects });
  });
  return ok(null);
}
