import { z } from "zod";

export const FINISH_REASONS = ["used up", "spoiled", "sent back"] as const;
export type FinishReason = (typeof FINISH_REASONS)[number];

export const TakeOff = z.strictObject({ lotId: z.string().min(1), reason: z.enum(FINISH_REASONS) });
