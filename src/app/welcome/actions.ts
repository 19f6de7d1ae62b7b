"use server";
import { err, ok, type Result } from "@/core/shared";
import { db } from "@/db/connection";
import { openHouse } from "@/db/house/house";
import { houseNowMs } from "@/db/houseClock";
import { refused, type ActionError } from "../actionError";
import { houseQuestion } from "../houseAction";
import { NewHouse } from "./schema";
import { makeTheChef } from "../signin/actions";
import { t } from "@/words/welcome";

export async function openTheHouse(input: unknown): Promise<Result<string, ActionError>> {
  return houseQuestion("openTheHouse", NewHouse, input, async ({ pin, phrase, ...house }) => {
    const opened = openHouse(db(), house, houseNowMs());
    if (!opened.ok) return err(refused("thisHouseIsOpenAlready", t("thisHouseIsOpenAlready")));
    // the first of the cooks is its chef, and this the first tablet
    const chef = await makeTheChef({ name: house.cooks[0], pin, phrase });
    return chef.ok ? ok(opened.value.name) : chef;
  });
}
