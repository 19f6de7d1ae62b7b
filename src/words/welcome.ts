import { welcome } from "./en/welcome";
import { translator } from "./translator";

/** Words of the view welcome. */
export const t = translator(welcome);
