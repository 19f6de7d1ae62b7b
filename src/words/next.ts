import { next } from "./en/next";
import { translator } from "./translator";

/** Words of what service needs next. */
export const t = translator(next);
