"use server";
import { z } from "zod";
import { err, ok, type Result } from "@/core/shared";
import { db } from "@/db/connection";
import { listStaff, setCurrency, setDecimalMark } from "@/db/house/house";
import { takeMachineTime } from "@/db/houseClock";
import { inWords, refused, type ActionError } from "./actionError";
import { houseAction, houseQuestion } from "./houseAction";
import { comesOn } from "./comesOn";
import { Currency } from "./welcome/schema";
import { t } from "@/words/shell";

const CookName = z.string().trim().min(1).max(60);

/** Says who stands at the station on this tablet; what is done next is recorded under that name. */
export async function chooseCook(input: unknown): Promise<Result<string, ActionError>> {
  const known = await houseQuestion("chooseCook", CookName, input, (name) =>
    listStaff(db()).some((one) => one.name === name)
      ? ok(name)
      : err(refused("nobodyOfThatNameCooksHere", t("nobodyOfThatNameCooksHere"))),
  );
  if (!known.ok) return known;
  if (await comesOn(known.value)) return known;
  return err(refused("pinFirst", t("pinFirst", { name: known.value })));
}

/** Says what prices are in; asked of houses from before it was. */
export const sayCurrency = async (input: unknown, intention: unknown): Promise<Result<null, ActionError>> =>
  houseAction("sayCurrency", z.strictObject({ currency: Currency }), input, intention, ({ currency }, { stamp }) => {
    setCurrency(db(), currency, stamp.who, stamp.atMs);
    return ok(null);
  });

/** Says what the house writes between whole and parts. */
export const sayDecimalMark = async (input: unknown, intention: unknown): Promise<Result<null, ActionError>> =>
  houseAction(
    "sayDecimalMark",
    z.strictObject({ decimalMark: z.enum(["point", "comma"]) }),
    input,
    intention,
    ({ decimalMark }, { stamp }) => {
      setDecimalMark(db(), decimalMark, stamp.who, stamp.atMs);
      return ok(null);
    },
  );

const Nothing = z.strictObject({});

/** Goes over to the machine's time where it is ahead of the house's: the machine slept, or was set right. */
export const goByTheMachine = async (input: unknown, intention: unknown): Promise<Result<null, ActionError>> =>
  houseAction("goByTheMachine", Nothing, input, intention, (_, { stamp }) =>
    inWords(takeMachineTime(stamp.who), {
      notAhead: refused("theMachinesClockIsBehindThe", t("theMachinesClockIsBehindThe")),
    }),
  );
