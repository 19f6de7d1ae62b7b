import { fire } from "./en/fire";
import { translator } from "./translator";

/** Words of what is on the fire. */
export const t = translator(fire);
