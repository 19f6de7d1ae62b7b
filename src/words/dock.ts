import { dock } from "./en/dock";
import { translator } from "./translator";

/** Words of the view dock. */
export const t = translator(dock);
