import { line } from "./en/line";
import { translator } from "./translator";

/** Words of the view line. */
export const t = translator(line);
