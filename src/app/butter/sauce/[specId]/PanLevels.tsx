"use client";
import { massOf, panLevelMm, volumeMl, type SauceBatch } from "@/core/butter";
import { RIM_MM } from "@/house/butter/reduceBench";
import { useHouse } from "@/ui/hooks/HouseContext";
import { PALETTE } from "@/ui/theme/palette";
import { t } from "@/words/butter";
import styles from "../../Butter.module.css";

const WIDTH = 320;

/** The pan cut through at scale: where the liquid stands when poured, reduced and mounted, against its rim. */
export function PanLevels({ panMm, batch }: { readonly panMm: number; readonly batch: SauceBatch }) {
  const { format } = useHouse();
  const scale = (WIDTH - 112) / panMm;
  const floor = RIM_MM * scale + 26;
  const levels = [
    ...(batch.reduction
      ? [
          {
            mm: panLevelMm(volumeMl(batch.reduction.course[0]!.mixture), panMm),
            what: t("poured"),
            tone: PALETTE.brine,
          },
        ]
      : []),
    ...(batch.reduction
      ? [{ mm: panLevelMm(volumeMl(batch.base), panMm), what: t("reducedWord"), tone: PALETTE.iodine }]
      : []),
    { mm: panLevelMm(batch.sauce.massG, panMm), what: t("mounted"), tone: PALETTE.roe },
  ].sort((a, b) => b.mm - a.mm);
  const label = t("panAtScale", {
    pan: format.length(panMm, 0),
    levels: levels.map(({ mm, what }) => `${what} ${format.length(mm, 1)}`).join(", "),
  });
  return (
    <svg viewBox={`0 0 ${WIDTH} ${floor + 40}`} className={styles.pan} role="img" aria-label={label}>
      {levels.map(({ mm, what, tone }) => (
        <rect
          key={what}
          x={10}
          y={floor - mm * scale}
          width={panMm * scale}
          height={Math.max(1, mm * scale)}
          fill={tone}
          fillOpacity={0.28}
        />
      ))}
      <path
        d={`M10 ${floor - RIM_MM * scale} V${floor} H${10 + panMm * scale} V${floor - RIM_MM * scale}`}
        fill="none"
        stroke={PALETTE.slate}
        strokeWidth={4}
        strokeLinejoin="round"
      />
      {levels.map(({ mm, what, tone }, index) => {
        const y = floor - mm * scale;
        const textY = Math.max(14 + index * 18, Math.min(y + 4, floor - (levels.length - 1 - index) * 18));
        return (
          <g key={what}>
            <path
              d={`M${10 + panMm * scale} ${y} L${14 + panMm * scale + 8} ${textY - 4}`}
              stroke={tone}
              strokeWidth={1.5}
            />
            <text x={26 + panMm * scale} y={textY}>
              {`${what}`}
            </text>
          </g>
        );
      })}
      <text x={10} y={floor + 24}>
        {t("panMass", { pan: format.length(panMm, 0), mass: format.mass(massOf(batch.base)) })}
      </text>
    </svg>
  );
}
