"use client";
import { clamp } from "@/core/numeric";
import { panLevelMm, type Mark } from "@/core/butter";
import { RIM_MM } from "@/house/butter/reduceBench";
import { useHouse } from "@/ui/hooks/HouseContext";
import { PALETTE } from "@/ui/theme/palette";
import { t } from "@/words/butter";
import styles from "../Butter.module.css";

const WIDTH = 360;
const HEIGHT = 190;
const FLOOR = HEIGHT - 14;
const TOP = 14;
const PAN_RIGHT = 200;

type Props = {
  readonly panMm: number;
  readonly startMl: number;
  readonly toMl: number;
  readonly marks: readonly Mark[];
};

const MARK_WORDS: Readonly<Record<Mark["what"], string>> = {
  half: t("half"),
  coats: t("coats"),
  syrup: t("syrup"),
  glaze: t("glaze"),
};

/** The level in the pan, heights drawn five times their width: where it starts, where it stops, the marks on the way and the free third under the rim. */
export function LevelFall({ panMm, startMl, toMl, marks }: Props) {
  const { format } = useHouse();
  const tallMm = clamp(panLevelMm(startMl, panMm) * 1.6, 12, RIM_MM);
  const y = (ml: number) => FLOOR - (Math.min(tallMm, panLevelMm(ml, panMm)) / tallMm) * (FLOOR - TOP);
  const lines = [
    { what: t("poured"), ml: startMl, tone: PALETTE.brine },
    ...marks.map(({ what, ml }) => ({ what: MARK_WORDS[what], ml, tone: PALETTE.muted })),
    { what: t("stop"), ml: toMl, tone: PALETTE.roe },
  ].sort((a, b) => b.ml - a.ml);
  const places = lines.reduce<readonly number[]>(
    (before, { ml }) => [...before, Math.max(y(ml) + 4, (before.at(-1) ?? -4) + 18)],
    [],
  );
  const over = Math.max(0, (places.at(-1) ?? 0) - (HEIGHT - 4));
  const label = lines
    .map(({ what, ml }) =>
      t("levelAt", { what, volume: format.volume(ml), level: format.length(panLevelMm(ml, panMm), 1) }),
    )
    .join(", ");
  return (
    <svg viewBox={`0 0 ${WIDTH} ${HEIGHT}`} className={styles.pan} role="img" aria-label={label}>
      <rect
        x={10}
        y={y(startMl)}
        width={PAN_RIGHT - 10}
        height={FLOOR - y(startMl)}
        fill={PALETTE.brine}
        fillOpacity={0.18}
      />
      <rect x={10} y={y(toMl)} width={PAN_RIGHT - 10} height={FLOOR - y(toMl)} fill={PALETTE.roe} fillOpacity={0.35} />
      <path
        d={`M10 ${TOP} V${FLOOR} H${PAN_RIGHT} V${TOP}`}
        fill="none"
        stroke={PALETTE.slate}
        strokeWidth={4}
        strokeLinejoin="round"
      />
      {lines.map(({ what, ml, tone }, index) => (
        <g key={what}>
          <path
            d={`M10 ${y(ml)} H${PAN_RIGHT} L${PAN_RIGHT + 14} ${places[index]! - over - 4}`}
            fill="none"
            stroke={tone}
            strokeWidth={1.5}
            strokeDasharray={tone === PALETTE.muted ? "4 4" : "none"}
          />
          <text x={PAN_RIGHT + 20} y={places[index]! - over}>
            {t("markVolume", { what, volume: format.volume(ml) })}
          </text>
        </g>
      ))}
    </svg>
  );
}
