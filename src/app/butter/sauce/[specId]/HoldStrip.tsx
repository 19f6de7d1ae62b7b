"use client";
import { clamp } from "@/core/numeric";
import type { WaitingPoint } from "@/core/butter";
import { useHouse } from "@/ui/hooks/HouseContext";
import { PALETTE } from "@/ui/theme/palette";
import { t } from "@/words/butter";
import styles from "../../Butter.module.css";

type Props = {
  readonly from: number;
  readonly to: number;
  readonly served: number;
  readonly course: readonly WaitingPoint[];
  readonly minute: number;
  /** The time of day after so many minutes. */
  readonly timeAt: (minute: number) => string;
};

const WIDTH = 640;
const [LOW_C, HIGH_C] = [20, 80];

/** The window of temperature as a thermometer laid down, and under it the minutes of the service by whether the sauce holds. */
export function HoldStrip({ from, to, served, course, minute, timeAt }: Props) {
  const { format } = useHouse();
  const x = (celsius: number) => ((clamp(celsius, LOW_C, HIGH_C) - LOW_C) / (HIGH_C - LOW_C)) * WIDTH;
  const last = course.at(-1)!.minute;
  const at = (point: number) => (point / last) * WIDTH;
  const bad = course.find(({ state }) => state !== "holds")?.minute ?? null;
  const label = t("windowLabel", {
    from: format.temperature(from),
    to: format.temperature(to),
    served: format.temperature(served),
  });
  return (
    <svg viewBox={`0 0 ${WIDTH} 108`} className={styles.strip} role="img" aria-label={label}>
      <rect x={0} y={22} width={WIDTH} height={14} rx={2} fill={PALETTE.groove} />
      <rect x={x(from)} y={22} width={x(to) - x(from)} height={14} fill={PALETTE.kelp} fillOpacity={0.55} />
      <path d={`M${x(served)} 16 V42`} stroke={PALETTE.ink} strokeWidth={4} />
      <text x={x(from)} y={14} textAnchor="middle">
        {format.temperature(from)}
      </text>
      <text x={x(to)} y={14} textAnchor="middle">
        {format.temperature(to)}
      </text>
      <rect
        x={0}
        y={66}
        width={bad === null ? WIDTH : at(bad)}
        height={14}
        rx={2}
        fill={PALETTE.kelp}
        fillOpacity={0.55}
      />
      {bad === null ? null : (
        <rect x={at(bad)} y={66} width={WIDTH - at(bad)} height={14} rx={2} fill={PALETTE.stop} fillOpacity={0.7} />
      )}
      <path d={`M${at(minute)} 60 V86`} stroke={PALETTE.ink} strokeWidth={4} />
      <text x={0} y={104}>
        {t("mountedAtClock", { time: timeAt(0) })}
      </text>
      {minute > 0 && minute < last ? (
        <text x={at(minute)} y={58} textAnchor="middle">
          {timeAt(minute)}
        </text>
      ) : null}
      <text x={WIDTH} y={104} textAnchor="end">
        {timeAt(last)}
      </text>
    </svg>
  );
}
