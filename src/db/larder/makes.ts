import type { Db } from "../connection";
import { makeInputs, makeLosses, makeOutputs, makes } from "../schema/larder";

type Row = typeof makes.$inferInsert;
export type MakeInput = Omit<typeof makeInputs.$inferInsert, "id" | "makeId">;
export type MakeOutput = Omit<typeof makeOutputs.$inferInsert, "id" | "makeId">;
export type MakeLoss = Omit<typeof makeLosses.$inferInsert, "id" | "makeId">;

export type NewMake = Row & {
  readonly inputs: readonly MakeInput[];
  readonly outputs: readonly MakeOutput[];
  readonly losses: readonly MakeLoss[];
};

/** Keeps one piece of work: what went in, what came out, what was lost. Call it inside the transaction of the work. */
export function keepMake(db: Db, { inputs, outputs, losses, ...make }: NewMake): void {
  db.insert(makes).values(make).run();
  const ofMake = { makeId: make.id };
  for (const input of inputs)
    db.insert(makeInputs)
      .values({ ...ofMake, ...input })
      .run();
  for (const output of outputs)
    db.insert(makeOutputs)
      .values({ ...ofMake, ...output })
      .run();
  for (const loss of losses.filter(({ massG }) => massG > 0))
    db.insert(makeLosses)
      .values({ ...ofMake, ...loss })
      .run();
}
