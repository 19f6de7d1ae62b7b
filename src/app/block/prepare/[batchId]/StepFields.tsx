"use client";
import type { PreparationStep } from "@/core/block";
import { NumberField } from "@/ui/form/NumberField";
import { QuantityField } from "@/ui/form/QuantityField";
import { t } from "@/words/block";

type Props = { readonly step: PreparationStep; readonly onChange: (to: PreparationStep) => void };

/** The figures of one step, each in the units of the house. */
export function StepFields({ step, onChange }: Props) {
  const number = (label: string, value: number, min: number, max: number, set: (value: number) => void) => (
    <NumberField label={label} value={value} min={min} max={max} onChange={set} />
  );
  const length = (label: string, value: number, max: number, set: (value: number) => void) => (
    <QuantityField label={label} kind="length" value={value} min={5} max={max} onChange={set} />
  );
  switch (step.kind) {
    case "brined":
      return (
        <>
          {number(t("brine"), step.brinePct, 0.5, 26, (brinePct) => onChange({ ...step, brinePct }))}
          {number(t("minutes"), step.minutes, 0, 1440, (minutes) => onChange({ ...step, minutes }))}
        </>
      );
    case "evened":
      return (
        <>
          {number(t("salt"), step.targetPct, 0.2, 6, (targetPct) => onChange({ ...step, targetPct }))}
          {number(t("waterFish"), step.waterPerFish, 0.3, 10, (waterPerFish) => onChange({ ...step, waterPerFish }))}
        </>
      );
    case "stuffed":
      return (
        <QuantityField
          label={t("stuffing")}
          kind="mass"
          value={step.stuffingG}
          min={1}
          max={2000}
          onChange={(stuffingG) => onChange({ ...step, stuffingG })}
        />
      );
    case "rolled":
      return (
        <>
          {length(t("lengthOfTheStrip"), step.lengthMm, 1000, (lengthMm) => onChange({ ...step, lengthMm }))}
          {length(t("width"), step.widthMm, 500, (widthMm) => onChange({ ...step, widthMm }))}
        </>
      );
    case "tied":
      return length(t("widthBeforeTying"), step.widthMm, 500, (widthMm) => onChange({ ...step, widthMm }));
    case "skewered":
      return null;
    case "breaded":
      return number(t("coatMmASide"), step.coatMm, 0.2, 10, (coatMm) => onChange({ ...step, coatMm }));
    case "dried":
      return number(t("minutesInTheAir"), step.minutes, 0, 1440, (minutes) => onChange({ ...step, minutes }));
    case "tempered":
      return (
        <>
          <QuantityField
            label={t("kitchen")}
            kind="temperature"
            value={step.roomC}
            min={5}
            max={40}
            onChange={(roomC) => onChange({ ...step, roomC })}
          />
          {number(t("minutesOut"), step.minutes, 0, 120, (minutes) => onChange({ ...step, minutes }))}
        </>
      );
  }
}
