import { today } from "./en/today";
import { translator } from "./translator";

/** Words of the view today. */
export const t = translator(today);
