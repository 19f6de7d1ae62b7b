import { z } from "zod";
import { heat, HeatInput } from "./heat";
import { InputProblem } from "./problem";

export const FreezeInput = HeatInput.extend({
  reach_c: z.array(z.number().min(-60).max(20)).min(1, "say which temperatures to reach").max(20),
});

/** When the centre first is at or below each temperature; straight lines between steps, null when it never is. */
export function freeze({ reach_c, ...input }: z.infer<typeof FreezeInput>) {
  if (!("composition" in input.material) || input.material.initial_freezing_c === undefined)
    throw new InputProblem("material.initial_freezing_c", "say where it begins to freeze");
  let before = { timeS: 0, centreC: input.start_c };
  const reached = reach_c.map((centre_c) => ({
    centre_c,
    seconds: input.start_c <= centre_c ? 0 : (null as number | null),
  }));
  const run = heat(input, (timeS, centreC) => {
    for (const one of reached) {
      if (one.seconds !== null || centreC > one.centre_c) continue;
      const part = (before.centreC - one.centre_c) / (before.centreC - centreC);
      one.seconds = before.timeS + part * (timeS - before.timeS);
    }
    before = { timeS, centreC };
  });
  return { reach: reached, ...run };
}
