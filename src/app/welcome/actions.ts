"use server";
import { err, ok, type Result } from "@/core/shared";
import { db } from "@/db/connection";
import { openHouse } from "@/db/house/house";
import { houseNowMs } from "@/db/houseClock";
import { refused, type ActionError } from "../actionError";
import { houseQuestion } from "../houseAction";
import { NewHouse } from "./schema";
import { t } from "@/words/welcome";

export async function openTheHouse(input: unknown): Promise<Result<string, ActionError>> {
  return houseQuestion(NewHouse, input, (house) => {
    const opened = openHouse(db(), house, houseNowMs());
    return opened ? ok(opened.name) : err(refused("thisHouseIsOpenAlready", t("thisHouseIsOpenAlready")));
  });
}
