"use client";
import { Button } from "antd";
import { NumberInput } from "@/ui/form/NumberInput";
import { useState } from "react";
import { useHouse } from "@/ui/hooks/HouseContext";
import { useAct } from "@/ui/hooks/useAct";
import { typeReading } from "../actions";
import page from "@/ui/layout/page.module.css";
import { t } from "@/words/ice";

/** A place so far from what it was is asked back: a finger slips more often. */
const FAR_K = 15;

/** What the thermometer on the wall says, typed in two taps. */
export function ReadingPad({ placeId, aroundC }: { readonly placeId: string; readonly aroundC: number }) {
  const { format } = useHouse();
  const { act } = useAct();
  const [shown, setShown] = useState<number | null>(Math.round(format.toTemperature(aroundC) * 2) / 2);
  const note = () => act(typeReading, { placeId, celsius: format.fromTemperature(shown ?? 0) }, () => t("noted"));
  return (
    <div className={page.line}>
      <NumberInput
        aria-label={t("itReadsDegree", { degree: format.degree })}
        value={shown}
        step={0.5}
        usual={[format.toTemperature(aroundC - FAR_K), format.toTemperature(aroundC + FAR_K)]}
        size="large"
        onChange={setShown}
      />
      <Button size="large" disabled={shown === null} onClick={note}>
        {t("noteIt")}
      </Button>
    </div>
  );
}
