/** How the butter comes in: where good cooks disagree. */
export const BUTTER_SCHOOLS = ["cold", "soft", "whipped"] as const;
export type ButterSchool = (typeof BUTTER_SCHOOLS)[number];
export const HEAT_SCHOOLS = ["bath", "flame"] as const;
export type HeatSchool = (typeof HEAT_SCHOOLS)[number];

/** °C as it is added; what a whisk takes up, g/min, before fat lies on top (a cube every dozen seconds; common practice, low). */
const ADDED: Readonly<Record<ButterSchool, { readonly fromC: number; readonly mostGPerMin: number }>> = {
  cold: { fromC: 5, mostGPerMin: 75 },
  soft: { fromC: 18, mostGPerMin: 100 },
  whipped: { fromC: 3, mostGPerMin: 110 },
};
/** A bath cannot give more than its wall lets through, a low flame does, W into the pan (common practice, low). */
const HEAT_W: Readonly<Record<HeatSchool, number>> = { bath: 160, flame: 350 };
/** Butter through its melting range, J/gK and J/g (Choi and Okos 1986; latent heat of milk fat 75 to 85; memory, medium). */
const [BUTTER_J_PER_G_K, MELT_J_PER_G] = [2.4, 65];
const WATER_J_PER_G_K = 4.0;
/** A reduced base comes off the fire at this. */
const BASE_FROM_C = 90;

export type Mounting = {
  readonly minutes: number;
  readonly gPerMin: number;
  /** What holds it back: how fast a whisk takes butter up, or the heat that melts it. */
  readonly heldBackBy: "whisk" | "heat";
  /** Heat the pan needs while it is mounted, W. */
  readonly needsW: number;
};

/** How long mounting takes so that it neither cools under the window nor outruns the whisk. */
export function mountingOf(
  baseG: number,
  butterG: number,
  toC: number,
  butter: ButterSchool,
  heat: HeatSchool,
): Mounting {
  const { fromC, mostGPerMin } = ADDED[butter];
  const meltsJ = butterG * (BUTTER_J_PER_G_K * (toC - fromC) + MELT_J_PER_G);
  const baseJ = Math.max(0, baseG * WATER_J_PER_G_K * (BASE_FROM_C - toC));
  const heatJ = Math.max(0, meltsJ - baseJ);
  const whiskMin = butterG / mostGPerMin;
  const heatMin = heatJ / HEAT_W[heat] / 60;
  const minutes = Math.max(whiskMin, heatMin);
  return {
    minutes,
    gPerMin: minutes > 0 ? butterG / minutes : 0,
    heldBackBy: heatMin > whiskMin ? "heat" : "whisk",
    needsW: minutes > 0 ? heatJ / (minutes * 60) : 0,
  };
}
