import { eq } from "drizzle-orm";
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

type Came = Pick<NewMake, "outputs" | "losses">;

function addCame(db: Db, makeId: string, { outputs, losses }: Came): void {
  for (const output of outputs)
    db.insert(makeOutputs)
      .values({ makeId, ...output })
      .run();
  for (const loss of losses.filter(({ massG }) => massG > 0))
    db.insert(makeLosses)
      .values({ makeId, ...loss })
      .run();
}

/** Keeps one piece of work: what went in, what came out, what was lost. Call it inside the transaction of the work. */
export function keepMake(db: Db, { inputs, outputs, losses, ...make }: NewMake): void {
  db.insert(makes).values(make).run();
  for (const input of inputs)
    db.insert(makeInputs)
      .values({ makeId: make.id, ...input })
      .run();
  addCame(db, make.id, { outputs, losses });
}

/** Work that took its time is done: what came of it. */
export function endMake(db: Db, id: string, facts: NewMake["facts"], came: Came): void {
  db.update(makes).set({ facts }).where(eq(makes.id, id)).run();
  addCame(db, id, came);
}
