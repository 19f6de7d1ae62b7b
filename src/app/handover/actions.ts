"use server";
import { err, ok, type Result } from "@/core/shared";
import { db } from "@/db/connection";
import { isLocked, isOnShiftByName } from "@/db/doors/people";
import { leaveHandover, takeHandover } from "@/db/house/handovers";
import { listStaff } from "@/db/house/house";
import { t } from "@/words/handover";
import { refused, type ActionError } from "../actionError";
import { houseAction } from "../houseAction";
import { comesOn } from "../comesOn";
import { handoverNow } from "./handoverNow";
import { markOf } from "./markOf";
import { LeftWord, TakeOverAsk } from "./schema";

/** Whoever goes leaves what the list cannot know. */
export const leaveWord = async (input: unknown, intention: unknown): Promise<Result<null, ActionError>> =>
  houseAction("leaveWord", LeftWord, input, intention, ({ note }, { stamp }) => {
    leaveHandover(db(), note, stamp);
    return ok(null);
  });

/** Taken over by name, for what was read and nothing else; from now on this tablet writes under that name. */
export async function takeOver(input: unknown, intention: unknown): Promise<Result<string, ActionError>> {
  const taken = await houseAction("takeOver", TakeOverAsk, input, intention, ({ name, mark }, { house, stamp }) => {
    if (!listStaff(db()).some((one) => one.name === name))
      return err(refused("nobodyOfThatName", t("nobodyOfThatName")));
    if (isLocked(db()) && !isOnShiftByName(db(), name, stamp.atMs))
      return err(refused("signInToTakeOver", t("signInToTakeOver", { name })));
    const handover = handoverNow(db(), house, stamp.atMs);
    if (markOf(handover) !== mark) return err(refused("somethingCame", t("somethingCame")));
    const { runs, owed, low, probe } = handover;
    takeHandover(
      db(),
      {
        from: stamp.who,
        runs: runs.length,
        owed: owed.length,
        low: low.length,
        probe: probe === null ? "none" : probe.state,
      },
      { ...stamp, who: name },
    );
    return ok(name);
  });
  if (taken.ok) await comesOn(taken.value);
  return taken;
}
