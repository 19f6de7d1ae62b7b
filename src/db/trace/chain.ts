import { and, asc, eq, gte, inArray, isNotNull } from "drizzle-orm";
import { groupBy } from "@/core/shared";
import type { Db } from "../connection";
import { plateParts, plates } from "../schema/cards";
import { lots, makeInputs, makeOutputs, makes, specs } from "../schema/larder";

type Amount = { readonly code: string; readonly massG: number };

/** Work that turned lots into lots. */
export type ChainMake = {
  readonly id: string;
  readonly kind: string;
  readonly atMs: number;
  readonly inputs: readonly Amount[];
  readonly outputs: readonly Amount[];
};

/** A plate that went, with the lots it came out of. */
export type ChainPlate = {
  readonly id: string;
  readonly atMs: number;
  readonly dish: string | null;
  readonly parts: readonly (Amount & { readonly certain: boolean })[];
};

/** Everything that lots became since a moment, the oldest first. */
export function chainSince(
  db: Db,
  sinceMs: number,
): { readonly makes: readonly ChainMake[]; readonly plates: readonly ChainPlate[] } {
  const works = db.select().from(makes).where(gte(makes.atMs, sinceMs)).orderBy(asc(makes.atMs)).all();
  const ids = works.map(({ id }) => id);
  const amounts = (table: typeof makeInputs | typeof makeOutputs) =>
    groupBy(
      db
        .select({ makeId: table.makeId, code: lots.code, massG: table.massG })
        .from(table)
        .innerJoin(lots, eq(lots.id, table.lotId))
        .where(inArray(table.makeId, ids))
        .all(),
      ({ makeId }) => makeId,
    );
  const [inputs, outputs] = [amounts(makeInputs), amounts(makeOutputs)];
  const parts = groupBy(
    db
      .select({
        plateId: plates.id,
        atMs: plates.atMs,
        dish: specs.name,
        code: lots.code,
        massG: plateParts.massG,
        certainty: plateParts.certainty,
      })
      .from(plates)
      .innerJoin(plateParts, and(eq(plateParts.plateId, plates.id), isNotNull(plateParts.lotId)))
      .innerJoin(lots, eq(lots.id, plateParts.lotId))
      .leftJoin(specs, eq(specs.hash, plates.cardHash))
      .where(and(gte(plates.atMs, sinceMs), eq(plates.state, "gone")))
      .orderBy(asc(plates.atMs), asc(plateParts.id))
      .all(),
    ({ plateId }) => plateId,
  );
  const bare = ({ code, massG }: Amount): Amount => ({ code, massG });
  return {
    makes: works
      .map(({ id, kind, atMs }) => ({
        id,
        kind,
        atMs,
        inputs: (inputs.get(id) ?? []).map(bare),
        outputs: (outputs.get(id) ?? []).map(bare),
      }))
      .filter((work) => work.inputs.length > 0 && work.outputs.length > 0),
    plates: [...parts].map(([id, own]) => ({
      id,
      atMs: own[0]!.atMs,
      dish: own[0]!.dish,
      parts: own.map(({ certainty, ...amount }) => ({ ...bare(amount), certain: certainty === "certain" })),
    })),
  };
}
