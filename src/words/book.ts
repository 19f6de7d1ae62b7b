import { book } from "./en/book";
import { translator } from "./translator";

/** Words of the view book. */
export const t = translator(book);
