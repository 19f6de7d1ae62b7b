import { stove } from "./en/stove";
import { translator } from "./translator";

/** Words of the view stove. */
export const t = translator(stove);
