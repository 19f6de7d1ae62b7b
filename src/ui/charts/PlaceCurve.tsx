"use client";
import { CartesianGrid, Line, LineChart, ReferenceArea, ReferenceLine, Tooltip, XAxis, YAxis } from "recharts";
import { ChartFrame, FIGURES } from "./ChartFrame";
import { shiftDay, startOfDayMs, todayIn } from "@/calendar/days";
import type { Excursion, Gap, Limits, PlaceReading } from "@/core/coldchain";
import { HOUR_MS } from "@/core/units";
import { dayText, timeText } from "@/words/format/format";
import { useHouse } from "../hooks/HouseContext";
import { PALETTE } from "../theme/palette";
import { t } from "@/words/ui";

type Props = {
  readonly readings: readonly PlaceReading[];
  readonly limits: Limits;
  readonly fromMs: number;
  readonly toMs: number;
  readonly excursions: readonly Excursion[];
  readonly gaps: readonly Gap[];
};

/** Whole hours of a day, or the midnights of the house, few enough to read. */
function ticksBetween(fromMs: number, toMs: number, timeZone: string): number[] {
  const days = (toMs - fromMs) / (24 * HOUR_MS);
  const everyDays = days > 10 ? 5 : 1;
  const first = todayIn(timeZone, fromMs);
  const times =
    days <= 1.5
      ? Array.from({ length: 13 }, (_, index) => startOfDayMs(first, timeZone) + index * 4 * HOUR_MS)
      : Array.from({ length: Math.ceil(days / everyDays) + 1 }, (_, index) =>
          startOfDayMs(shiftDay(first, index * everyDays), timeZone),
        );
  const margin = (toMs - fromMs) * 0.03;
  return times.filter((atMs) => atMs > fromMs + margin && atMs < toMs - margin);
}

/** The readings of a place, its limits, what lies outside them, and where nothing was read. */
export default function PlaceCurve({ readings, limits, fromMs, toMs, excursions, gaps }: Props) {
  const { format, timeZone } = useHouse();
  const show = (pointC: number) => Math.round(format.toTemperature(pointC) * 10) / 10;
  const rows = readings.map(({ atMs, celsius }) => ({ atMs, shown: show(celsius) }));
  const values = [
    ...rows.map(({ shown }) => shown),
    ...[limits.minC, limits.maxC].filter((limit) => limit !== null).map(show),
  ];
  const bottom = Math.floor(Math.min(...values) - 1);
  const top = Math.ceil(Math.max(...values) + 1);
  const days = (toMs - fromMs) / 86_400_000;
  const ticks = ticksBetween(fromMs, toMs, timeZone);
  const label = (atMs: number) => (days <= 1.5 ? timeText(atMs, timeZone) : dayText(atMs, timeZone));
  return (
    <ChartFrame
      label={t("temperatureOfThePlaceLengthStretches", { length: excursions.length, length2: gaps.length })}
      height={260}
    >
      <LineChart data={rows} margin={{ top: 12, right: 16, bottom: 4, left: -6 }}>
        <CartesianGrid stroke={PALETTE.hairline} vertical={false} />
        {gaps.map(({ fromMs: from, toMs: to }) => (
          <ReferenceArea
            key={`gap-${from}`}
            x1={Math.max(from, fromMs)}
            x2={to}
            fill={PALETTE.muted}
            fillOpacity={0.1}
            label={{ value: t("noReading"), fill: PALETTE.muted, fontSize: 13 }}
          />
        ))}
        {excursions.map(({ fromMs: from, toMs: to }) => (
          <ReferenceArea
            key={`out-${from}`}
            x1={from}
            x2={Math.max(to, from + (toMs - fromMs) / 300)}
            fill={PALETTE.roe}
            fillOpacity={0.2}
          />
        ))}
        <XAxis
          dataKey="atMs"
          type="number"
          domain={[fromMs, toMs]}
          scale="time"
          tickFormatter={label}
          tick={FIGURES}
          ticks={ticks}
          stroke={PALETTE.edge}
          minTickGap={40}
        />
        <YAxis domain={[bottom, top]} tick={FIGURES} stroke={PALETTE.edge} unit={format.degree} width={76} />
        <Tooltip
          labelFormatter={(atMs) => `${dayText(Number(atMs), timeZone)} ${timeText(Number(atMs), timeZone)}`}
          formatter={(value) => [`${String(value)} ${format.degree}`, t("read")]}
        />
        {[limits.minC, limits.maxC].map((limit) =>
          limit === null ? null : (
            <ReferenceLine
              key={limit}
              y={show(limit)}
              stroke={PALETTE.stop}
              strokeDasharray="6 4"
              label={{ value: t("limitMark"), position: "insideTopRight", fill: PALETTE.stop, fontSize: 13 }}
            />
          ),
        )}
        <Line dataKey="shown" stroke={PALETTE.slate} strokeWidth={2} dot={rows.length < 40} isAnimationActive={false} />
      </LineChart>
    </ChartFrame>
  );
}
