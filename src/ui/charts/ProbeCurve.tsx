"use client";
import { CartesianGrid, ComposedChart, Line, Scatter, Tooltip, XAxis, YAxis } from "recharts";
import { ChartFrame, FIGURES, NOTE } from "./ChartFrame";
import { useHouse } from "../hooks/HouseContext";
import { minuteTicks } from "./minuteTicks";
import { PALETTE } from "../theme/palette";
import { t } from "@/words/ui";
import page from "@/ui/layout/page.module.css";

type Point = { readonly timeS: number; readonly centreC: number };
type Props = {
  readonly planned: readonly Point[];
  readonly predicted: readonly Point[];
  readonly readings: readonly Point[];
};

/** The centre as planned, as the probe has it, and as it will go on. */
export default function ProbeCurve({ planned, predicted, readings }: Props) {
  const { format } = useHouse();
  const rows = (points: readonly Point[]) =>
    points.map(({ timeS, centreC }) => ({
      minutes: Math.round((timeS / 60) * 100) / 100,
      celsius: Math.round(format.toTemperature(centreC) * 10) / 10,
    }));
  return (
    <>
      <ChartFrame label={t("centreTemperaturePlannedMeasured")} height={220}>
        <ComposedChart margin={{ top: 10, right: 12, bottom: 4, left: -8 }}>
          <CartesianGrid stroke={PALETTE.hairline} vertical={false} />
          <XAxis
            dataKey="minutes"
            type="number"
            domain={[0, "dataMax"]}
            unit={t("min")}
            ticks={minuteTicks(Math.max(...[...planned, ...predicted].map(({ timeS }) => timeS / 60), 1), 5)}
            tick={FIGURES}
            stroke={PALETTE.edge}
          />
          <YAxis dataKey="celsius" type="number" tick={FIGURES} stroke={PALETTE.edge} width={58} />
          <Tooltip
            formatter={(value) => `${String(value)} ${format.degree}`}
            labelFormatter={(minutes) => t("minutesMin", { minutes: String(minutes) })}
            contentStyle={NOTE}
          />
          <Line
            data={rows(planned)}
            dataKey="celsius"
            name={t("planned")}
            stroke={PALETTE.muted}
            strokeWidth={2}
            strokeDasharray="6 4"
            dot={false}
            isAnimationActive={false}
          />
          <Line
            data={rows(predicted)}
            dataKey="celsius"
            name={t("byTheProbe")}
            stroke={PALETTE.roeText}
            strokeWidth={3}
            dot={false}
            isAnimationActive={false}
          />
          <Scatter
            data={rows(readings)}
            dataKey="celsius"
            name={t("read")}
            fill={PALETTE.ink}
            isAnimationActive={false}
          />
        </ComposedChart>
      </ChartFrame>
      <p className={`muted ${page.small}`}>{t("dashedAsPlannedLineAsThe")}</p>
    </>
  );
}
