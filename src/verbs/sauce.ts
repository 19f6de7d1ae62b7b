import { z } from "zod";
import {
  ADDITION_KINDS,
  mountedSauce,
  OVER_THE_WHOLE_PCT,
  rescuesFor,
  USUAL_ADDITIONS,
  type Rescue,
} from "@/core/butter";
import { inMetric } from "@/words/say";
import { InputProblem } from "./problem";

const pct = z.number().min(0).max(100);
const massG = z.number().max(1_000_000);

const AdditionInput = z.strictObject({
  kind: z.enum(ADDITION_KINDS),
  mass_g: massG.min(0),
  fat_pct: pct.optional(),
  water_pct: pct.optional(),
  salt_pct: pct.optional(),
});

export const SauceInput = z.strictObject({
  base: z.strictObject({
    mass_g: massG.min(0),
    water_pct: pct.default(0),
    acid_pct: pct.default(0),
    alcohol_pct: pct.default(0),
    salt_pct: pct.default(0),
  }),
  add: z.array(AdditionInput).max(50),
  served_c: z.number().min(-5).max(120),
  covers: z.number().int("whole covers").positive().max(10_000),
});

function questionOf({ base, add, served_c }: z.infer<typeof SauceInput>) {
  if (base.water_pct + base.acid_pct + base.alcohol_pct + base.salt_pct > OVER_THE_WHOLE_PCT) {
    throw new InputProblem("base", "water, acid, alcohol and salt come to more than 100 %");
  }
  return {
    base: {
      massG: base.mass_g,
      waterPct: base.water_pct,
      acidPct: base.acid_pct,
      alcoholPct: base.alcohol_pct,
      saltPct: base.salt_pct,
      fatPct: 0,
      creamG: 0,
    },
    add: add.map(({ kind, mass_g, ...label }, index) => {
      const usual = USUAL_ADDITIONS[kind];
      const one = {
        kind,
        massG: mass_g,
        fatPct: label.fat_pct ?? usual.fatPct,
        waterPct: label.water_pct ?? usual.waterPct,
        saltPct: label.salt_pct ?? usual.saltPct,
      };
      if (one.fatPct + one.waterPct + one.saltPct > OVER_THE_WHOLE_PCT) {
        throw new InputProblem(`add.${index}`, "fat, water and salt come to more than 100 %");
      }
      return one;
    }),
    servedC: served_c,
  };
}

const rescueOut = (rescue: Rescue) =>
  "add" in rescue
    ? { add: rescue.add, mass_g: rescue.massG, why: inMetric(rescue.why) }
    : { bring_to_c: rescue.bringToC, why: inMetric(rescue.why) };

export function sauce(input: z.infer<typeof SauceInput>) {
  const question = questionOf(input);
  const found = mountedSauce(question);
  if (found.massG <= 0) throw new InputProblem("", "there is nothing in this sauce");
  const share = (partG: number) => (100 * partG) / found.massG;
  return {
    mass_g: found.massG,
    fat_pct: share(found.fatG),
    water_pct: share(found.waterG),
    salt_pct: share(found.saltG),
    acid_pct: share(found.acidG),
    alcohol_pct: share(found.alcoholG),
    fat_to_water: found.fatToWater,
    fat_volume_fraction: found.fatVolumeFraction,
    g_per_cover: found.massG / input.covers,
    holds: found.state === "holds",
    state: found.state,
    hold_c: found.holdC,
    because: found.because.map(inMetric),
    rescue: rescuesFor(question, found).map(rescueOut),
  };
}
