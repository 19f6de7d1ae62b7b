import { doors } from "./en/doors";
import { translator } from "./translator";

/** Words of the doors of the house. */
export const t = translator(doors);
