"use client";
import { massOf, type Mounted, type SauceBatch } from "@/core/butter";
import { useHouse } from "@/ui/hooks/HouseContext";
import { PALETTE } from "@/ui/theme/palette";
import { t } from "@/words/butter";
import styles from "../../Butter.module.css";

type Step = { readonly what: string; readonly fatG: number; readonly waterG: number; readonly massG: number };

const WIDTH = 360;
const BAR = 230;
const ROW = 46;
const LEGEND = [
  { what: t("water"), tone: PALETTE.brine, opacity: 0.55, x: 0 },
  { what: t("fat"), tone: PALETTE.iodine, opacity: 0.6, x: 90 },
  { what: t("dissolved"), tone: PALETTE.edge, opacity: 1, x: 160 },
] as const;

/** What the sauce holds by mass, step by step: fat, water, and the rest that is dissolved. */
export function MassSteps({
  batch,
  after,
  minute,
}: {
  readonly batch: SauceBatch;
  readonly after: Mounted;
  readonly minute: number;
}) {
  const { format } = useHouse();
  const start = batch.reduction?.course[0]!.mixture;
  const steps: readonly Step[] = [
    ...(start ? [{ what: t("poured"), fatG: start.fatG, waterG: start.waterG, massG: massOf(start) }] : []),
    { what: t("base"), fatG: batch.base.fatG, waterG: batch.base.waterG, massG: massOf(batch.base) },
    { what: t("mounted"), fatG: batch.sauce.fatG, waterG: batch.sauce.waterG, massG: batch.sauce.massG },
    ...(minute > 0
      ? [{ what: t("afterMin", { minute }), fatG: after.fatG, waterG: after.waterG, massG: after.massG }]
      : []),
  ];
  const most = Math.max(...steps.map(({ massG }) => massG));
  const x = (massG: number) => (massG / most) * BAR;
  const label = steps.map(({ what, massG }) => `${what} ${format.mass(massG)}`).join(", ");
  return (
    <svg viewBox={`0 0 ${WIDTH} ${steps.length * ROW + 22}`} className={styles.pan} role="img" aria-label={label}>
      {steps.map(({ what, fatG, waterG, massG }, index) => {
        const y = index * ROW;
        return (
          <g key={what}>
            <text x={0} y={y + 13}>
              {what}
            </text>
            <rect x={0} y={y + 18} width={x(waterG)} height={18} fill={PALETTE.brine} fillOpacity={0.55} />
            <rect x={x(waterG)} y={y + 18} width={x(fatG)} height={18} fill={PALETTE.iodine} fillOpacity={0.6} />
            <rect
              x={x(waterG + fatG)}
              y={y + 18}
              width={x(Math.max(0, massG - waterG - fatG))}
              height={18}
              fill={PALETTE.edge}
            />
            <text x={BAR + 12} y={y + 32}>
              {format.mass(massG)}
            </text>
          </g>
        );
      })}
      {LEGEND.map(({ what, tone, opacity, x: left }) => (
        <g key={what}>
          <rect x={left} y={steps.length * ROW + 4} width={14} height={14} fill={tone} fillOpacity={opacity} />
          <text x={left + 20} y={steps.length * ROW + 16}>
            {what}
          </text>
        </g>
      ))}
    </svg>
  );
}
