"use client";
import { CartesianGrid, Scatter, ScatterChart, Tooltip, XAxis, YAxis } from "recharts";
import styles from "./Chart.module.css";
import { ChartFrame, FIGURES } from "./ChartFrame";
import type { DoorVerdict } from "@/core/freshness";
import { dayText } from "@/words/format/format";
import { useHouse } from "../hooks/HouseContext";
import { PALETTE } from "../theme/palette";
import { t } from "@/words/ui";

export type Arrival = {
  readonly code: string;
  readonly name: string;
  readonly atMs: number;
  readonly iceDays: number;
  readonly verdict: DoorVerdict;
};

const SERIES = [
  { verdict: "accept", name: t("accepted"), colour: PALETTE.kelp, shape: "circle" },
  { verdict: "cook-only", name: t("cookingOnly"), colour: PALETTE.iodineText, shape: "triangle" },
  { verdict: "refuse", name: t("refused"), colour: PALETTE.stop, shape: "cross" },
] as const;

/** How many ice days each lot had behind it when it came: lower is fresher, the shape says what became of it. */
export default function ArrivalDots({ arrivals }: { readonly arrivals: readonly Arrival[] }) {
  const { timeZone, format } = useHouse();
  return (
    <ChartFrame label={t("daysGoneAtTheDoorLot")} height={170}>
      <ScatterChart margin={{ top: 8, right: 44, bottom: 0, left: -14 }}>
        <CartesianGrid stroke={PALETTE.hairline} vertical={false} />
        <XAxis
          dataKey="atMs"
          type="number"
          scale="time"
          domain={["dataMin", "dataMax"]}
          tickFormatter={(atMs: number) => dayText(atMs, timeZone)}
          tick={FIGURES}
          tickCount={5}
          stroke={PALETTE.edge}
          minTickGap={50}
          padding={{ left: 14, right: 14 }}
        />
        <YAxis
          dataKey="iceDays"
          type="number"
          domain={[0, (most: number) => Math.max(2, Math.ceil(most))]}
          allowDecimals={false}
          tick={FIGURES}
          stroke={PALETTE.edge}
          unit=" d"
          width={66}
          tickFormatter={(value: number) => value.toFixed(0)}
        />
        <Tooltip
          content={({ payload }) => {
            const one = payload[0]?.payload as Arrival | undefined;
            return one ? (
              <div className={styles.note}>
                {t("nameCodeIceDaysGone", { name: one.name, code: one.code, ice: format.number(one.iceDays, 1) })}
              </div>
            ) : null;
          }}
        />
        {SERIES.map(({ verdict, name, colour, shape }) => (
          <Scatter
            key={verdict}
            name={name}
            data={arrivals.filter((one) => one.verdict === verdict)}
            fill={colour}
            shape={shape}
            isAnimationActive={false}
          />
        ))}
      </ScatterChart>
    </ChartFrame>
  );
}
