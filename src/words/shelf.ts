import { shelf } from "./en/shelf";
import { translator } from "./translator";

/** Words of the shelf, the goods and the amounts of the view butter. */
export const t = translator(shelf);
