"use client";
import { memo } from "react";
import { CartesianGrid, Line, LineChart, ReferenceArea, ReferenceLine, Tooltip, XAxis, YAxis } from "recharts";
import styles from "./Chart.module.css";
import { ChartFrame, FIGURES, NOTE } from "./ChartFrame";
import type { Snapshot } from "@/core/cooking";
import { useHouse } from "../hooks/HouseContext";
import { minuteTicks } from "./minuteTicks";
import { PALETTE } from "../theme/palette";
import page from "@/ui/layout/page.module.css";
import { t } from "@/words/ui";

type Props = {
  readonly trace: readonly Snapshot[];
  /** What the centre is to end in; null where the goal is not a temperature. */
  readonly bandFromC: number | null;
  readonly bandToC: number | null;
  readonly pullS: number;
  readonly serveS: number;
};

const SERIES = [
  { key: "centre", name: t("centre"), colour: PALETTE.roeText, width: 3.5, dash: "0" },
  { key: "first", name: t("firstFace"), colour: PALETTE.slate, width: 2, dash: "0" },
  { key: "second", name: t("secondFace"), colour: PALETTE.brine, width: 2, dash: "7 4" },
  { key: "vessel", name: t("panOrLiquid"), colour: PALETTE.iodineText, width: 1.5, dash: "2 4" },
] as const;
export default memo(function CookCurves({ trace, bandFromC, bandToC, pullS, serveS }: Props) {
  const { format } = useHouse();
  const show = (pointC: number) => Math.round(format.toTemperature(pointC) * 10) / 10;
  const rows = trace.map(({ timeS, centreC, firstC, secondC, vesselC }) => ({
    minutes: Math.round((timeS / 60) * 100) / 100,
    centre: show(centreC),
    first: show(firstC),
    second: show(secondC),
    vessel: vesselC === null ? null : show(vesselC),
  }));
  const top = show(220);
  return (
    <>
      <ChartFrame label={t("temperaturesOfCentreBothFacesAnd")} height={260}>
        <LineChart data={rows} margin={{ top: 22, right: 12, bottom: 4, left: -8 }}>
          <CartesianGrid stroke={PALETTE.hairline} vertical={false} />
          {bandFromC !== null && bandToC !== null ? (
            <ReferenceArea
              y1={show(Math.max(0, bandFromC))}
              y2={show(Math.min(bandToC, 90))}
              fill={PALETTE.roe}
              fillOpacity={0.14}
            />
          ) : null}
          <XAxis
            dataKey="minutes"
            type="number"
            domain={[0, "dataMax"]}
            unit={t("min")}
            tick={FIGURES}
            ticks={minuteTicks(rows.at(-1)?.minutes ?? 0)}
            stroke={PALETTE.edge}
          />
          <YAxis domain={[show(0), top]} tick={FIGURES} stroke={PALETTE.edge} allowDataOverflow width={58} />
          <Tooltip
            formatter={(value) => `${String(value)} ${format.degree}`}
            labelFormatter={(minutes) => t("minutesMin", { minutes: String(minutes) })}
            contentStyle={NOTE}
          />
          <ReferenceLine
            x={pullS / 60}
            stroke={PALETTE.ink}
            label={{ value: t("pullMark"), position: "top", fill: PALETTE.ink, fontSize: 14 }}
          />
          <ReferenceLine
            x={serveS / 60}
            stroke={PALETTE.ink}
            label={{ value: t("serveMark"), position: "top", fill: PALETTE.ink, fontSize: 14 }}
          />
          {SERIES.map(({ key, name, colour, width, dash }) => (
            <Line
              key={key}
              dataKey={key}
              name={name}
              stroke={colour}
              strokeWidth={width}
              strokeDasharray={dash}
              dot={false}
              isAnimationActive={false}
            />
          ))}
        </LineChart>
      </ChartFrame>
      <ul className={styles.legend}>
        {SERIES.map(({ key, name, colour, width, dash }) => (
          <li key={key} className={page.line}>
            <svg width="30" height="8" aria-hidden="true">
              <path d="M0 4H30" stroke={colour} strokeWidth={width} strokeDasharray={dash} />
            </svg>
            {name}
          </li>
        ))}
      </ul>
    </>
  );
});
