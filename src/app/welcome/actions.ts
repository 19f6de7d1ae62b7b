"use server";
import { err, ok, type Result } from "@/core/shared";
import { db } from "@/db/connection";
import { openHouse } from "@/db/house/house";
import { FOREIGN, invalidInput, refused, type ActionError } from "../actionError";
import { fromThisHouse } from "../request";
import { NewHouse } from "./schema";

export async function openTheHouse(input: unknown): Promise<Result<string, ActionError>> {
  if (!(await fromThisHouse())) return err(FOREIGN);
  const parsed = NewHouse.safeParse(input);
  if (!parsed.success) return err(invalidInput(parsed.error));
  const opened = openHouse(db(), parsed.data, Date.now());
  return opened ? ok(opened.name) : err(refused("This house is open already."));
}
