import { cards } from "./en/cards";
import { translator } from "./translator";

/** Words of the view cards. */
export const t = translator(cards);
