import { ice } from "./en/ice";
import { translator } from "./translator";

/** Words of the view ice. */
export const t = translator(ice);
