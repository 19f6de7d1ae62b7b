import { ui } from "./en/ui";
import { translator } from "./translator";

/** Words of the view ui. */
export const t = translator(ui);
