import { api } from "./en/api";
import { translator } from "./translator";

/** Words of the view api. */
export const t = translator(api);
