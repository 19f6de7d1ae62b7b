import { createHash } from "node:crypto";
import { handoverMark, type Handover } from "@/house/handover";

/** The list that was read, short enough to be sent back. */
export const markOf = (handover: Handover): string => createHash("sha256").update(handoverMark(handover)).digest("hex");
