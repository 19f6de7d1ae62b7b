import { block } from "./en/block";
import { translator } from "./translator";

/** Words of the view block. */
export const t = translator(block);
