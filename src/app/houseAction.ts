import { revalidatePath } from "next/cache";
import type { z } from "zod";
import { todayIn } from "@/calendar/days";
import { err, type Result } from "@/core/shared";
import { db } from "@/db/connection";
import { findHouse, type House } from "@/db/house/house";
import { FOREIGN, invalidInput, refused, type ActionError } from "./actionError";
import { cookAtStation, fromThisHouse } from "./request";

/** Who acts, when, and in which house. */
export type Acting = {
  readonly house: House;
  readonly stamp: { readonly who: string; readonly atMs: number };
  /** The house's today, YYYY-MM-DD. */
  readonly today: string;
};

/** What every action does before and after its work: who asks, parse, the house, the work, and pages made anew when it was done. */
export async function houseAction<S extends z.ZodType, T>(
  schema: S,
  input: unknown,
  work: (parsed: z.infer<S>, acting: Acting) => Result<T, ActionError>,
): Promise<Result<T, ActionError>> {
  if (!(await fromThisHouse())) return err(FOREIGN);
  const parsed = schema.safeParse(input);
  if (!parsed.success) return err(invalidInput(parsed.error));
  const house = findHouse(db());
  if (!house) return err(refused("Open the house first."));
  const atMs = Date.now();
  const acting = { house, stamp: { who: await cookAtStation(), atMs }, today: todayIn(house.timeZone, atMs) };
  const done = work(parsed.data, acting);
  if (done.ok) revalidatePath("/", "layout");
  return done;
}
