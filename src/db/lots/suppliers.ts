import { randomUUID } from "node:crypto";
import { eq } from "drizzle-orm";
import { ok, refuse, type Refusal, type Result } from "@/core/shared";
import type { Db } from "../connection";
import { appendEntry } from "../ledger";
import { packs } from "../schema/larder";
import { suppliers } from "../schema/lots";

/** Writes down how a supplier of fish or of packs is called when something is wrong. Refused: nothing ever came from one of that name. */
export function setPhone(
  db: Db,
  name: string,
  phone: string,
  { who, atMs }: { readonly who: string; readonly atMs: number },
): Result<null, Refusal<"noSuchSupplier">> {
  return db.transaction((tx) => {
    const known = tx.select().from(suppliers).where(eq(suppliers.name, name)).get();
    if (!known && !tx.select().from(packs).where(eq(packs.supplier, name)).get()) return refuse("noSuchSupplier");
    if (known) tx.update(suppliers).set({ phone }).where(eq(suppliers.id, known.id)).run();
    else tx.insert(suppliers).values({ id: randomUUID(), name, phone }).run();
    appendEntry(tx, { atMs, who, kind: "supplier-set", payload: { name, phone } });
    return ok(null);
  });
}
