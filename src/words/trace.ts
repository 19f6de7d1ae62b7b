import { trace } from "./en/trace";
import { translator } from "./translator";

/** Words of trace, recall and the binder. */
export const t = translator(trace);
