import { raw } from "./en/raw";
import { translator } from "./translator";

/** Words of the view raw. */
export const t = translator(raw);
