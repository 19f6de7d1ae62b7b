import { handover } from "./en/handover";
import { translator } from "./translator";

/** Words of the handover. */
export const t = translator(handover);
