"use server";
import { z } from "zod";
import { err, ok, type Result } from "@/core/shared";
import { db } from "@/db/connection";
import { listStaff } from "@/db/house/house";
import { FOREIGN, invalidInput, refused, type ActionError } from "./actionError";
import { fromThisHouse, setCookAtStation } from "./request";

const CookName = z.string().trim().min(1).max(60);

/** Says who stands at the station on this tablet; what is done next is recorded under that name. */
export async function chooseCook(input: unknown): Promise<Result<string, ActionError>> {
  if (!(await fromThisHouse())) return err(FOREIGN);
  const parsed = CookName.safeParse(input);
  if (!parsed.success) return err(invalidInput(parsed.error));
  if (!listStaff(db()).some(({ name }) => name === parsed.data)) return err(refused("Nobody of that name cooks here."));
  await setCookAtStation(parsed.data);
  return ok(parsed.data);
}
