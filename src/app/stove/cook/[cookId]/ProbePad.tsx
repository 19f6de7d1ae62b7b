"use client";
import { Button } from "antd";
import { NumberInput } from "@/ui/form/NumberInput";
import { useState } from "react";
import { probeChoicesC } from "@/core/cooking";
import { useHouse } from "@/ui/hooks/HouseContext";
import styles from "../../Stove.module.css";
import page from "@/ui/layout/page.module.css";
import { t } from "@/words/stove";

type Props = { readonly expectedC: number; readonly onNote: (centreC: number) => void };

/** Readings around the expected one to note with a tap; any other is typed. */
export function ProbePad({ expectedC, onNote }: Props) {
  const { format } = useHouse();
  const [typed, setTyped] = useState<number | null>(null);
  return (
    <>
      <div className={styles.probes}>
        {probeChoicesC(expectedC).map((pointC) => (
          <Button
            key={pointC}
            onClick={() => onNote(pointC)}
            aria-label={t("notePoint", { point: format.temperature(pointC) })}
          >
            {format.temperature(pointC)}
          </Button>
        ))}
      </div>
      <form
        className={`${page.line} ${page.above}`}
        onSubmit={(event) => {
          event.preventDefault();
          if (typed === null) return;
          onNote(format.fromTemperature(typed));
          setTyped(null);
        }}
      >
        <NumberInput
          aria-label={t("anotherReadingDegree", { degree: format.degree })}
          placeholder={t("otherDegree", { degree: format.degree })}
          value={typed}
          step={0.1}
          min={format.toTemperature(-5)}
          max={format.toTemperature(110)}
          usual={[format.toTemperature(-2), format.toTemperature(95)]}
          onChange={setTyped}
          className={page.grow ?? ""}
        />
        <Button htmlType="submit" disabled={typed === null}>
          {t("note")}
        </Button>
      </form>
    </>
  );
}
