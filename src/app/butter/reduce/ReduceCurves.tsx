"use client";
import { CartesianGrid, Legend, Line, LineChart, Tooltip, XAxis, YAxis } from "recharts";
import type { ReduceRow } from "@/house/butter/reduceBench";
import { ChartFrame, FIGURES, NOTE } from "@/ui/charts/ChartFrame";
import { PALETTE } from "@/ui/theme/palette";
import { t } from "@/words/butter";

/** Alcohol and acid left on the way down. */
export default function ReduceCurves({ rows }: { readonly rows: readonly ReduceRow[] }) {
  return (
    <ChartFrame label={t("curvesLabel")} height={220}>
      <LineChart data={[...rows]} margin={{ top: 12, right: 40, bottom: 4, left: -10 }}>
        <CartesianGrid stroke={PALETTE.hairline} vertical={false} />
        <XAxis
          dataKey="minute"
          type="number"
          domain={["dataMin", "dataMax"]}
          tick={FIGURES}
          stroke={PALETTE.edge}
          tickFormatter={(minute: number) => t("minShort", { minute: Math.round(minute) })}
          minTickGap={40}
        />
        <YAxis tick={FIGURES} stroke={PALETTE.edge} unit=" %" domain={[0, 100]} width={70} />
        <Tooltip
          contentStyle={NOTE}
          labelFormatter={(minute) => t("minShort", { minute: Math.round(Number(minute)) })}
          formatter={(value, name) => [`${Number(value).toFixed(0)} %`, String(name)]}
        />
        <Legend />
        <Line
          dataKey="alcoholPct"
          name={t("alcoholLeft")}
          stroke={PALETTE.roeText}
          strokeWidth={3}
          dot={false}
          isAnimationActive={false}
        />
        <Line
          dataKey="acidPct"
          name={t("acidLeft")}
          stroke={PALETTE.brine}
          strokeWidth={2}
          strokeDasharray="7 4"
          dot={false}
          isAnimationActive={false}
        />
      </LineChart>
    </ChartFrame>
  );
}
