import { stovePlan } from "./en/stove-plan";
import { translator } from "./translator";

/** Words of the view stove-plan. */
export const t = translator(stovePlan);
