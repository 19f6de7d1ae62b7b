import { shell } from "./en/shell";
import { translator } from "./translator";

/** Words of the view shell. */
export const t = translator(shell);
