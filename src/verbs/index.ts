import type { z } from "zod";
import { err, ok, type Result } from "@/core/shared";
import { clear, ClearInput } from "./clear";
import { clock, ClockInput } from "./clock";
import { cook, CookInput } from "./cook";
import { cooling, CoolingInput } from "./cooling";
import { door, DoorInput } from "./door";
import { freeze, FreezeInput } from "./freeze";
import { heat, HeatInput } from "./heat";
import { lethality, LethalityInput } from "./lethality";
import { parasite, ParasiteInput } from "./parasite";
import { portion, PortionInput } from "./portion";
import { reduceVerb, ReduceInput } from "./reduce";
import { salt, SaltInput } from "./salt";
import { sauce, SauceInput } from "./sauce";
import { scale, ScaleInput } from "./scale";
import { schedule, ScheduleInput } from "./schedule";
import { loadMixedInteger, mixedInteger } from "./mixedInteger";
import { InputProblem, problemOf, type Problem } from "./problem";

export type { Problem } from "./problem";

type Verb = (input: unknown) => Result<unknown, Problem>;

/** Parses, computes, and turns whatever the input got wrong into one problem. */
function verb<S extends z.ZodType>(schema: S, run: (input: z.infer<S>) => unknown): Verb {
  return (input) => {
    const parsed = schema.safeParse(input);
    if (!parsed.success) return err(problemOf(parsed.error.issues));
    try {
      return ok(run(parsed.data));
    } catch (problem) {
      if (problem instanceof InputProblem) return err({ path: problem.path, message: problem.message });
      throw problem;
    }
  };
}

const VERBS: Readonly<Record<string, Verb>> = {
  heat: verb(HeatInput, (input) => heat(input)),
  freeze: verb(FreezeInput, freeze),
  clock: verb(ClockInput, clock),
  portion: verb(PortionInput, portion),
  parasite: verb(ParasiteInput, parasite),
  cooling: verb(CoolingInput, cooling),
  lethality: verb(LethalityInput, lethality),
  cook: verb(CookInput, cook),
  door: verb(DoorInput, door),
  clear: verb(ClearInput, clear),
  reduce: verb(ReduceInput, reduceVerb),
  sauce: verb(SauceInput, sauce),
  salt: verb(SaltInput, salt),
  scale: verb(ScaleInput, scale),
  schedule: verb(ScheduleInput, (input) => schedule(input, mixedInteger(), secondsToThink)),
};

export const VERB_NAMES: readonly string[] = Object.keys(VERBS);

/** An answer is due within ten seconds of the command, the start of the program among them. */
const DUE_S = 8.2;
const LEAST_S = 2.5;
let secondsToThink = DUE_S - LEAST_S;

/** What a verb has to have loaded before it runs at its best. `begunS`: what the program that asks has taken to start. */
export async function prepareVerb(name: string, begunS: () => number = () => 2): Promise<void> {
  if (name !== "schedule") return;
  await loadMixedInteger();
  secondsToThink = Math.max(LEAST_S, DUE_S - begunS());
}

/** Runs a verb of the core on a JSON document; null for a verb that does not exist. */
export function runVerb(name: string, input: unknown): Result<unknown, Problem> | null {
  return Object.hasOwn(VERBS, name) ? VERBS[name]!(input) : null;
}

/** Reads the JSON text itself first: a document that is no JSON is a problem of the whole. */
export function runVerbOnText(name: string, text: string): Result<unknown, Problem> | null {
  if (!Object.hasOwn(VERBS, name)) return null;
  let input: unknown;
  try {
    input = JSON.parse(text);
  } catch {
    return err({ path: "", message: "this is not one JSON document" });
  }
  return runVerb(name, input);
}
