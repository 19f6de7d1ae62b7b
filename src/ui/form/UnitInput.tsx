"use client";
import { NumberInput } from "./NumberInput";
import { inchesFrom, inchText } from "@/words/format/inches";
import type { Typed } from "@/words/format/typedNumber";
import { useHouse } from "../hooks/HouseContext";
import page from "@/ui/layout/page.module.css";

type Props = {
  readonly kind: "mass" | "length" | "temperature" | "volume";
  /** In the core's unit: g, mm, °C, ml. */
  readonly value: number;
  readonly min: number;
  readonly max: number;
  readonly step?: number;
  readonly label?: string;
  readonly onChange: (value: number) => void;
};

const DIGITS = {
  metric: { mass: 1, length: 1, temperature: 1, volume: 1 },
  imperial: { mass: 1, length: 4, temperature: 1, volume: 1 },
} as const;

/** Inches are shown and typed as on a ruler. */
const RULER = {
  show: inchText,
  read: (typed: string): Typed => {
    if (typed.trim() === "") return { kind: "empty" };
    const value = inchesFrom(typed);
    return Number.isNaN(value) ? { kind: "none" } : { kind: "number", value };
  },
};
/** A sixteenth of an inch. */
const RULER_STEP = 1 / 16;

/** A number field that shows the house's unit and hands back the core's. What is out of range stays as typed with the reason beside it and is not passed on. */
export function UnitInput({ kind, value, min, max, step = 1, label, onChange }: Props) {
  const { format } = useHouse();
  const [show, read] = {
    mass: [format.toMass, format.fromMass] as const,
    length: [format.toLength, format.fromLength] as const,
    temperature: [format.toTemperature, format.fromTemperature] as const,
    volume: [format.toVolume, format.fromVolume] as const,
  }[kind];
  const digits = DIGITS[format.units][kind];
  const inInches = kind === "length" && format.units === "imperial";
  return (
    <NumberInput
      {...(label ? { "aria-label": label } : {})}
      value={Number(show(value).toFixed(digits))}
      min={Number(show(min).toFixed(digits))}
      max={Number(show(max).toFixed(digits))}
      {...(inInches ? RULER : {})}
      step={inInches ? RULER_STEP : format.units === "metric" || kind === "temperature" ? step : 10 ** -digits}
      className={page.full ?? ""}
      onChange={(shown) => {
        if (shown !== null) onChange(read(shown));
      }}
    />
  );
}
