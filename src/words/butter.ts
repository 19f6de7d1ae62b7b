import { butter } from "./en/butter";
import { translator } from "./translator";

/** Words of the view butter. */
export const t = translator(butter);
