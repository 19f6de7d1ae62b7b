"use client";
import { CartesianGrid, Line, LineChart, ReferenceLine, Tooltip, XAxis, YAxis } from "recharts";
import { ChartFrame, FIGURES } from "./ChartFrame";
import { hoursText } from "@/words/format/format";
import { useHouse } from "../hooks/HouseContext";
import styles from "./HoursCurve.module.css";
import { PALETTE } from "../theme/palette";
import { t } from "@/words/ui";

type Series = { readonly key: string; readonly name: string; readonly tone: "main" | "other" | "third" };
type Props = {
  readonly label: string;
  readonly rows: readonly (Readonly<Record<string, number>> & { readonly atH: number })[];
  readonly series: readonly Series[];
  readonly unit: string;
  /** A level that matters. */
  readonly limit?: number;
  /** A moment that matters. */
  readonly markH?: number;
};

const TONES = {
  main: { stroke: PALETTE.roeText, strokeWidth: 3, strokeDasharray: "0" },
  other: { stroke: PALETTE.slate, strokeWidth: 2, strokeDasharray: "0" },
  third: { stroke: PALETTE.brine, strokeWidth: 2, strokeDasharray: "7 4" },
} as const;
/** Curves over hours: freezing, salt going in. */
export default function HoursCurve({ label, rows, series, unit, limit, markH }: Props) {
  const { format } = useHouse();
  const last = rows.at(-1)?.atH ?? 1;
  return (
    <figure className={styles.figure}>
      <figcaption className={styles.legend}>
        {series.map(({ key, name, tone }) => (
          <span key={key}>
            <svg width="26" height="8" aria-hidden="true">
              <path d="M1 4H25" {...TONES[tone]} />
            </svg>
            {name}
          </span>
        ))}
      </figcaption>
      <ChartFrame label={label} height={240}>
        <LineChart data={[...rows]} margin={{ top: 12, right: 30, bottom: 4, left: -6 }}>
          <CartesianGrid stroke={PALETTE.hairline} vertical={false} />
          <XAxis
            dataKey="atH"
            type="number"
            domain={[0, last]}
            tickFormatter={(atH: number) => hoursText(atH)}
            tick={FIGURES}
            stroke={PALETTE.edge}
            minTickGap={50}
          />
          <YAxis
            tick={FIGURES}
            stroke={PALETTE.edge}
            unit={unit}
            width={76}
            domain={["auto", "auto"]}
            tickFormatter={(value: number) => format.number(value, Number.isInteger(value) ? 0 : 1)}
          />
          <Tooltip
            labelFormatter={(atH) => hoursText(Number(atH))}
            formatter={(value, name) => [`${format.number(Number(value), 1)} ${unit}`, String(name)]}
          />
          {limit === undefined ? null : <ReferenceLine y={limit} stroke={PALETTE.stop} strokeDasharray="6 4" />}
          {markH === undefined ? null : (
            <ReferenceLine
              x={markH}
              stroke={PALETTE.slate}
              label={{ value: t("takeItOut"), position: "insideTopLeft", fill: PALETTE.slate, fontSize: 13 }}
            />
          )}
          {series.map(({ key, name, tone }) => (
            <Line key={key} dataKey={key} name={name} dot={false} isAnimationActive={false} {...TONES[tone]} />
          ))}
        </LineChart>
      </ChartFrame>
    </figure>
  );
}
