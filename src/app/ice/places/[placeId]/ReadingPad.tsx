"use client";
import { Button, InputNumber } from "antd";
import { useState } from "react";
import { useHouse } from "@/ui/hooks/HouseContext";
import { useAct } from "@/ui/hooks/useAct";
import { typeReading } from "../actions";
import page from "@/ui/layout/page.module.css";
import { t } from "@/words/ice";

/** What the thermometer on the wall says, typed in two taps. */
export function ReadingPad({ placeId, aroundC }: { readonly placeId: string; readonly aroundC: number }) {
  const { format } = useHouse();
  const { act } = useAct();
  const [shown, setShown] = useState<number | null>(Math.round(format.toTemperature(aroundC) * 2) / 2);
  const note = () => act(typeReading, { placeId, celsius: format.fromTemperature(shown ?? 0) }, () => t("noted"));
  return (
    <div className={page.line}>
      <InputNumber
        aria-label={t("itReadsDegree", { degree: format.degree })}
        value={shown}
        step={0.5}
        inputMode="decimal"
        size="large"
        onChange={setShown}
      />
      <Button size="large" disabled={shown === null} onClick={note}>
        {t("noteIt")}
      </Button>
    </div>
  );
}
