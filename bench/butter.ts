import { mixed, mixtureOf, planSauce, reduce, USUAL_LIQUIDS } from "@/core/butter";
import { DEMO_SAUCES } from "@/demo/data/sauces";
import { waitingSauce } from "@/house/butter/sauceBench";
import { add, median } from "./measure";

const STOVE = { pan: { diameterMm: 200 }, netPowerW: 900, startC: 20 };

/** The plain loop a reduction is held against: as many multiplications as it has steps, and a root each. */
function plainLoop(): number {
  let left = 300;
  for (let step = 0; step < 500; step++) left -= 0.004 * left * Math.sqrt(1 + step * 1e-9);
  return left;
}

/** What a slider of Butter asks for while it moves. */
export function butter(): void {
  const base = mixed([
    mixtureOf({ ...USUAL_LIQUIDS.wine, volumeMl: 150 }),
    mixtureOf({ ...USUAL_LIQUIDS.vinegar, volumeMl: 150 }),
  ]);
  const reduction = median(() => reduce({ mixture: base, toMl: 45, ...STOVE }), 60);
  add("one reduction", reduction, "target", 20);
  add("the same", reduction, "a plain loop of its steps, now", median(plainLoop, 60));
  const spec = DEMO_SAUCES["beurre-blanc"]!;
  const ask = { covers: 20, panMm: 200, netPowerW: 900, surfaceMm: 200, lid: false, spec, rescue: null };
  const drag = () => {
    const plan = planSauce(spec, 20, STOVE);
    return plan.ok ? waitingSauce(plan.value.batch, ask, 60, 150) : null;
  };
  add("a sauce and its evening, one drag", median(drag, 60), "target", 5);
}
