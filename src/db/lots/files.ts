import { createHash, randomUUID } from "node:crypto";
import { and, asc, eq } from "drizzle-orm";
import type { Db } from "../connection";
import { appendEntry, entriesOfLot } from "../ledger";
import { attachments } from "../schema/lots";

export type Attachment = typeof attachments.$inferSelect;
export type AttachmentLine = Pick<Attachment, "id" | "name" | "mime" | "addedAtMs" | "addedBy">;

/** Keeps a paper with a lot; its hash goes to the ledger, so that a swapped file shows. */
export function attachFile(
  db: Db,
  lotId: string,
  file: { readonly name: string; readonly mime: string; readonly bytes: Buffer },
  { who, atMs }: { readonly who: string; readonly atMs: number },
): string {
  return db.transaction((tx) => {
    const sha256 = createHash("sha256").update(file.bytes).digest("hex");
    const known = tx
      .select({ id: attachments.id })
      .from(attachments)
      .where(and(eq(attachments.lotId, lotId), eq(attachments.sha256, sha256)))
      .get();
    // the same paper sent twice, because the answer was slow, is one paper
    if (known) return known.id;
    const id = randomUUID();
    tx.insert(attachments)
      .values({ id, lotId, ...file, sha256, addedAtMs: atMs, addedBy: who })
      .run();
    const payload = { name: file.name, mime: file.mime, bytes: file.bytes.length, sha256 };
    appendEntry(tx, { atMs, who, kind: "file-attached", lotId, payload });
    return id;
  });
}

const LINE = {
  id: attachments.id,
  name: attachments.name,
  mime: attachments.mime,
  addedAtMs: attachments.addedAtMs,
  addedBy: attachments.addedBy,
};

export const filesOfLot = (db: Db, lotId: string): AttachmentLine[] =>
  db.select(LINE).from(attachments).where(eq(attachments.lotId, lotId)).orderBy(asc(attachments.addedAtMs)).all();

export const findFile = (db: Db, id: string): Attachment | undefined =>
  db.select().from(attachments).where(eq(attachments.id, id)).get();

/** Whether a paper is the one that was kept: its bytes have the hash that the sealed entry of its lot says. */
export const isAsKept = (db: Db, { lotId, bytes }: Pick<Attachment, "lotId" | "bytes">): boolean => {
  const sha256 = createHash("sha256").update(bytes).digest("hex");
  return entriesOfLot(db, lotId).some((entry) => entry.kind === "file-attached" && entry.payload.sha256 === sha256);
};
