import { z } from "zod";
import { BOARD_COLOUR_IDS, BOARD_USE_IDS } from "@/core/block";
import { t } from "@/words/block";

export const BoardChoice = z.strictObject({ use: z.enum(BOARD_USE_IDS), colour: z.enum(BOARD_COLOUR_IDS) });
export const BoardWashed = z.strictObject({ colour: z.enum(BOARD_COLOUR_IDS) });
export const NewScale = z.strictObject({ name: z.string().trim().min(1, t("nameTheScale")).max(60) });
