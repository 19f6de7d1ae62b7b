"use server";
import { ok, type Result } from "@/core/shared";
import { setBoard, washBoard } from "@/db/block/boards";
import { db } from "@/db/connection";
import { setScale } from "@/db/block/scales";
import type { ActionError } from "../../actionError";
import { houseAction, secretAction } from "../../houseAction";
import { BoardChoice, BoardWashed, NewScale } from "./schema";

export const chooseBoard = async (input: unknown, intention: unknown): Promise<Result<null, ActionError>> =>
  houseAction("chooseBoard", BoardChoice, input, intention, ({ use, colour }, { stamp }) => {
    setBoard(db(), use, colour, stamp);
    return ok(null);
  });

export const noteWash = async (input: unknown, intention: unknown): Promise<Result<null, ActionError>> =>
  houseAction("noteWash", BoardWashed, input, intention, ({ colour }, { stamp }) => {
    washBoard(db(), colour, stamp);
    return ok(null);
  });

/** Adds a scale or renews its key; answers with what it must send along. */
export const addScale = async (
  input: unknown,
  intention: unknown,
): Promise<Result<{ readonly id: string; readonly key: string }, ActionError>> =>
  secretAction("addScale", NewScale, input, intention, ({ name }, { stamp }) => {
    const { id, key } = setScale(db(), name, stamp);
    return ok({ id, key });
  });
