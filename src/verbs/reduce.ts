import { z } from "zod";
import {
  ETHANOL_G_PER_ML,
  LIQUID_KINDS,
  massOf,
  mixed,
  mixtureOf,
  reduce,
  USUAL_LIQUIDS,
  volumeMl,
  type Mixture,
} from "@/core/butter";
import { inMetric } from "@/words/say";
import { InputProblem } from "./problem";

const pct = z.number().min(0).max(100).optional();

const PartInput = z.strictObject({
  kind: z.enum(LIQUID_KINDS),
  volume_ml: z.number().positive().max(500_000),
  abv_pct: pct,
  acid_pct: pct,
  salt_pct: pct,
  solids_pct: pct,
});

export const ReduceInput = z
  .strictObject({
    parts: z.array(PartInput).min(1, "pour something into the pan first").max(50),
    to_ml: z.number().min(0.1).max(500_000).optional(),
    to_fraction: z.number().min(0.001).max(1).optional(),
    pan: z.strictObject({ diameter_mm: z.number().min(50).max(2000) }),
    net_power_w: z.number().positive().max(100_000),
    start_c: z.number().min(-5).max(100),
  })
  .refine(({ to_ml, to_fraction }) => (to_ml === undefined) !== (to_fraction === undefined), {
    message: "say how far: to_ml or to_fraction, one of them",
  });

function poured(part: z.infer<typeof PartInput>, index: number): Mixture {
  const usual = USUAL_LIQUIDS[part.kind];
  const abvPct = part.abv_pct ?? usual.abvPct;
  const [acidPct, saltPct, solidsPct] = [
    part.acid_pct ?? usual.acidPct,
    part.salt_pct ?? usual.saltPct,
    part.solids_pct ?? usual.solidsPct,
  ];
  // alcohol is counted by volume: at 100 % it weighs all of it
  if (abvPct + acidPct + saltPct + solidsPct + usual.fatPct > 100) {
    throw new InputProblem(`parts.${index}`, "alcohol, acid, salt, solids and fat come to more than the whole");
  }
  return mixtureOf({ ...usual, volumeMl: part.volume_ml, abvPct, acidPct, saltPct, solidsPct });
}

export function reduceVerb(input: z.infer<typeof ReduceInput>) {
  const start = mixed(input.parts.map(poured));
  const startMl = volumeMl(start);
  const toMl = input.to_ml ?? startMl * input.to_fraction!;
  const found = reduce({
    mixture: start,
    toMl,
    pan: { diameterMm: input.pan.diameter_mm },
    netPowerW: input.net_power_w,
    startC: input.start_c,
  });
  if (!found.ok) {
    throw new InputProblem(input.to_ml === undefined ? "to_fraction" : "to_ml", inMetric(found.error));
  }
  const { secondsToBoil, secondsReducing, evaporatedG, final, limitedBy, boilsAtC } = found.value;
  const finalG = massOf(final);
  const finalMl = volumeMl(final);
  const acidOf = ({ aceticG, fixedAcidG }: Mixture) => aceticG + fixedAcidG;
  const left = (after: number, before: number) => (before > 0 ? (100 * after) / before : null);
  return {
    seconds_to_boil: secondsToBoil,
    seconds_reducing: secondsReducing,
    evaporated_g: evaporatedG,
    start: { mass_g: massOf(start), volume_ml: startMl },
    final: {
      mass_g: finalG,
      volume_ml: finalMl,
      abv_pct: (100 * final.ethanolG) / ETHANOL_G_PER_ML / finalMl,
      acid_pct: (100 * acidOf(final)) / finalG,
      salt_pct: (100 * final.saltG) / finalG,
      solids_pct: (100 * final.solidsG) / finalG,
    },
    alcohol_left_pct: left(final.ethanolG, start.ethanolG),
    acid_left_pct: left(acidOf(final), acidOf(start)),
    limited_by: limitedBy,
    boils_at_c: boilsAtC,
  };
}
