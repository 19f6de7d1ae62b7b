"use server";
import { parasiteRuleOf } from "@/core/safety";
import { err, ok, type Result } from "@/core/shared";
import { HOUR_MS } from "@/core/units";
import { db } from "@/db/connection";
import { startHold } from "@/db/lots/holds";
import { findLot } from "@/db/lots/lots";
import { refused, type ActionError } from "../../actionError";
import { houseAction } from "../../houseAction";
import { BeginFreezing } from "./schema";
import { t } from "@/words/raw";

/** Begins a freezing hold with the time the planner expects; only probe readings prove it. */
export const beginFreezing = async (input: unknown, intention: unknown): Promise<Result<string, ActionError>> =>
  houseAction("beginFreezing", BeginFreezing, input, intention, ({ lotId, reachH, reachC, pack }, { house, stamp }) => {
    const lot = findLot(db(), lotId);
    if (lot?.status !== "on-ice") return err(refused("thisLotIsNotOnIce", t("thisLotIsNotOnIce")));
    const expected = { atMs: Math.round(stamp.atMs + reachH * HOUR_MS), celsius: reachC };
    const facts = { kind: "parasite", ruleId: parasiteRuleOf(house.ruleSetId), stated: null, expected, pack } as const;
    return ok(startHold(db(), lotId, facts, stamp));
  });
