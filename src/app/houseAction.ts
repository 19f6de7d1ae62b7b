import { revalidatePath } from "next/cache";
import type { z } from "zod";
import { todayIn } from "@/calendar/days";
import { err, ok, type Result } from "@/core/shared";
import { db } from "@/db/connection";
import { findHouse, type House } from "@/db/house/house";
import { houseNowMs } from "@/db/houseClock";
import { troubleOf } from "@/db/trouble";
import { answeredBefore, carryOut } from "@/db/intentions";
import { leaveFor, type Leave } from "@/house/people";
import { FOREIGN, invalidInput, refused, type ActionError } from "./actionError";
import { cookAtStation, fromThisHouse, NAME_LATER } from "./request";
import { ACTIONS } from "./roles";
import { whoAsks } from "./session";
import { t } from "@/words/shell";

/** Who acts, when, by which intention, and in which house. */
export type Acting = {
  readonly house: House;
  readonly stamp: { readonly who: string; readonly atMs: number; readonly requestId: string };
  /** The house's today, YYYY-MM-DD. */
  readonly today: string;
};

/** Made by the tablet when the hand meant it; not a UUID of the browser, which has none on a plain http address. */
const INTENTION = /^[\w-]{16,64}$/;
const NO_INTENTION = refused("thisPageIsFromBeforeThe", t("thisPageIsFromBeforeThe"));
const SHOWN_ONCE = refused("itWasShownOnce", t("itWasShownOnce"));
const NO_HOUSE = refused("openTheHouseFirst", t("openTheHouseFirst"));

type Answer<T> = Promise<Result<T, ActionError>>;

/** Why somebody may not do this; null: they may. */
const REFUSALS: Readonly<Record<Leave, ActionError | null>> = {
  yes: null,
  signIn: refused("signIn", t("signInFirst")),
  chefsPin: refused("chefsPin", t("chefsPinFirst")),
  no: refused("notYours", t("notYours")),
};

type Admitted = { readonly who: string };

/** Lets an action in or not: from a page of this house, by somebody who may; and says under which name it is written. */
async function admit(action: string): Promise<Result<Admitted, ActionError>> {
  if (!(await fromThisHouse())) return err(FOREIGN);
  const known = await whoAsks();
  if (!known) return ok({ who: await cookAtStation() });
  const asks = ACTIONS[action];
  const refusal = asks === undefined ? REFUSALS.no : REFUSALS[leaveFor(known.asker, asks)];
  if (refusal) return err(refusal);
  // what binds the house is written under whose PIN it was
  return ok({ who: (asks === "chef" ? known.chef?.name : null) ?? known.person?.name ?? NAME_LATER });
}

/** What a question of a page needs before it is answered: that whoever asks may, and that it can be read. */
export async function houseQuestion<S extends z.ZodType, T>(
  action: string,
  schema: S,
  input: unknown,
  answer: (parsed: z.infer<S>, who: string) => Result<T, ActionError> | Promise<Result<T, ActionError>>,
): Answer<T> {
  const admitted = await admit(action);
  if (!admitted.ok) return admitted;
  const parsed = schema.safeParse(input);
  return parsed.success ? answer(parsed.data, admitted.value.who) : err(invalidInput(parsed.error));
}

/**
 * The one way an action begins and ends: who asks and from where, the id of the intention, parse, the house, what has to be worked out
 * first, then the work with its note in one transaction, and the pages made anew. The same intention twice is one record and one answer.
 * `workOut` may take its time and must write nothing.
 */
export async function plannedAction<S extends z.ZodType, P, T>(
  action: string,
  schema: S,
  input: unknown,
  intention: unknown,
  workOut: (parsed: z.infer<S>, acting: Acting) => Promise<Result<P, ActionError>>,
  work: (plan: P, acting: Acting) => Result<T, ActionError>,
  secret = false,
): Answer<T> {
  const admitted = await admit(action);
  if (!admitted.ok) return admitted;
  if (typeof intention !== "string" || !INTENTION.test(intention)) return err(NO_INTENTION);
  // looked up before anything is worked out: asking again must cost nothing
  const before = answeredBefore(db(), { id: intention, action });
  if (before?.secret) return err(SHOWN_ONCE);
  if (before) {
    revalidatePath("/", "layout");
    return ok(before.value as T);
  }
  const parsed = schema.safeParse(input);
  if (!parsed.success) return err(invalidInput(parsed.error));
  const house = findHouse(db());
  if (!house) return err(NO_HOUSE);
  const atMs = houseNowMs();
  const stamp = { who: admitted.value.who, atMs, requestId: intention };
  const acting = { house, stamp, today: todayIn(house.timeZone, atMs) };
  const planned = await workOut(parsed.data, acting);
  if (!planned.ok) return planned;
  const done = tryToWrite(() =>
    carryOut(db(), { id: intention, action, atMs, secret }, () => work(planned.value, acting)),
  );
  if (done.ok) revalidatePath("/", "layout");
  return done;
}

/** Nothing is written where the disk takes nothing more: said as it is, and what was typed stays. */
function tryToWrite<T>(write: () => Result<T, ActionError>): Result<T, ActionError> {
  try {
    return write();
  } catch (problem) {
    const trouble = troubleOf(problem);
    if (!trouble) throw problem;
    process.stderr.write(`${trouble.why}\n`);
    return err(refused("nothingIsWritten", t("nothingIsWritten", { kind: trouble.kind.replaceAll("-", "_") })));
  }
}

/** An action with nothing to work out beforehand. */
export const houseAction = async <S extends z.ZodType, T>(
  action: string,
  schema: S,
  input: unknown,
  intention: unknown,
  work: (parsed: z.infer<S>, acting: Acting) => Result<T, ActionError>,
): Answer<T> => plannedAction(action, schema, input, intention, async (parsed: z.infer<S>) => ok(parsed), work);

/** An action whose answer holds a key: it is told once, and kept nowhere. */
export const secretAction = async <S extends z.ZodType, T>(
  action: string,
  schema: S,
  input: unknown,
  intention: unknown,
  work: (parsed: z.infer<S>, acting: Acting) => Result<T, ActionError>,
): Answer<T> => plannedAction(action, schema, input, intention, async (parsed: z.infer<S>) => ok(parsed), work, true);
