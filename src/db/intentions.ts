import { eq, lt } from "drizzle-orm";
import { err, ok, type Result } from "@/core/shared";
import { DAY_MS } from "@/core/units";
import type { Db } from "./connection";
import { intentions } from "./schema/intentions";

/** A tablet asks again within minutes, an outbox within a shift: after so long an id is not asked for any more. */
const KEPT_DAYS = 14;

export type Intention = {
  readonly id: string;
  readonly action: string;
  readonly atMs: number;
  /** Its answer holds a secret: that it was done is kept, the answer is not. */
  readonly secret?: boolean;
};

/** What is kept of an answer. */
export type KeptAnswer = { readonly value: unknown; readonly secret?: boolean };

/** The answer an intention was given, where it was carried out already. */
export function answeredBefore(db: Db, { id, action }: Pick<Intention, "id" | "action">): KeptAnswer | null {
  const known = db.select().from(intentions).where(eq(intentions.id, id)).get();
  return known && known.action === action ? known.answer : null;
}

class Undone extends Error {
  constructor(readonly reason: unknown) {
    super("undone");
  }
}

/**
 * Carries an intention out once: its work and the note that it was done are one transaction, and the same id again answers what was
 * answered then. What was refused leaves nothing behind and may be asked anew.
 */
export function carryOut<T, E>(db: Db, intention: Intention, work: () => Result<T, E>): Result<T, E> {
  try {
    return db.transaction((tx) => {
      const before = answeredBefore(tx, intention);
      if (before) return ok(before.value as T);
      const done = work();
      // a refusal half way must not leave the half that was done
      if (!done.ok) throw new Undone(done.error);
      const { secret = false, ...rest } = intention;
      tx.insert(intentions)
        .values({ ...rest, answer: secret ? { value: null, secret } : { value: done.value } })
        .run();
      tx.delete(intentions)
        .where(lt(intentions.atMs, intention.atMs - KEPT_DAYS * DAY_MS))
        .run();
      return done;
    });
  } catch (problem) {
    if (problem instanceof Undone) return err(problem.reason as E);
    throw problem;
  }
}
