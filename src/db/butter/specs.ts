import { createHash } from "node:crypto";
import { desc, eq } from "drizzle-orm";
import type { SauceSpec } from "@/core/butter";
import { stableJson } from "@/core/shared";
import { SauceBody } from "@/house/stored/sauceBody";
import type { Db } from "../connection";
import { appendEntry } from "../ledger";
import { remembering } from "../remember";
import { specs } from "../schema/larder";

export type KeptSauce = { readonly hash: string; readonly specId: string; readonly spec: SauceSpec };

/** Keeps a sauce as it is made from now on: what was made before keeps the spec it was made by. The same again changes nothing. */
export function keepSauceSpec(
  db: Db,
  specId: string,
  spec: SauceSpec,
  { who, atMs }: { readonly who: string; readonly atMs: number },
): string {
  const hash = createHash("sha256")
    .update(stableJson({ specId, kind: "sauce", body: spec }))
    .digest("hex");
  return db.transaction((tx) => {
    if (tx.select().from(specs).where(eq(specs.hash, hash)).get()) return hash;
    tx.insert(specs).values({ hash, specId, kind: "sauce", name: spec.name, body: spec, atMs, who }).run();
    appendEntry(tx, {
      atMs,
      who,
      kind: "spec-kept",
      payload: { name: spec.name, hash },
      subjects: [{ kind: "spec", id: hash }],
    });
    return hash;
  });
}

const kept = ({ hash, specId, body }: typeof specs.$inferSelect): KeptSauce => ({
  hash,
  specId,
  spec: SauceBody.parse(body),
});

/** The sauces of the house as they are made now, by name. */
export const sauceSpecs = remembering([specs], (db): readonly KeptSauce[] => {
  const newest = new Map<string, KeptSauce>();
  for (const row of db.select().from(specs).where(eq(specs.kind, "sauce")).orderBy(desc(specs.atMs)).all()) {
    if (!newest.has(row.specId)) newest.set(row.specId, kept(row));
  }
  return [...newest.values()].sort((a, b) => a.spec.name.localeCompare(b.spec.name));
});

export const findSauce = (db: Db, specId: string): KeptSauce | undefined =>
  sauceSpecs(db).find((sauce) => sauce.specId === specId);

export const sauceByHash = remembering([specs], (db, hash: string): KeptSauce | undefined => {
  const row = db.select().from(specs).where(eq(specs.hash, hash)).get();
  return row && kept(row);
});

/** The sauces of the house that go with a dish of this species. */
export const saucesFor = (db: Db, speciesId: string): readonly { readonly specId: string; readonly name: string }[] =>
  sauceSpecs(db)
    .filter(({ spec }) => spec.goesWith.includes(speciesId))
    .map(({ specId, spec }) => ({ specId, name: spec.name }));
