"use client";
import { Button } from "antd";
import { useState } from "react";
import type { StockForm } from "@/house/stockPot";
import { QuantityField } from "@/ui/form/QuantityField";
import { useAct } from "@/ui/hooks/useAct";
import page from "@/ui/layout/page.module.css";
import { t } from "@/words/butter";
import { keepStock } from "../actions";
import styles from "../Butter.module.css";

type Props = {
  readonly form: StockForm;
  readonly waterMl: number;
  /** As planned; the cook writes what came out. */
  readonly yieldMl: number;
  readonly passes: boolean;
};

/** Strained, chilled, labelled and put away in one go: the bones leave the ice, the stock has its lot. */
export function StockActs({ form, waterMl, yieldMl, passes }: Props) {
  const { act, busy } = useAct();
  const [came, setCame] = useState<number | null>(null);
  const { chosen, pot, aromaticsG, netPowerW, simmerMin, iceG, stirred } = form;
  const out = came ?? Math.round(yieldMl);
  return (
    <section className={page.card}>
      <h2>{t("doneAndWritten")}</h2>
      <div className={styles.closing}>
        <QuantityField label={t("cameOutMl")} kind="volume" value={out} min={1} max={50_000} onChange={setCame} />
        <Button
          type="primary"
          size="large"
          loading={busy}
          onClick={() =>
            void act(
              keepStock,
              { bones: chosen, waterMl, aromaticsG, potId: pot.id, netPowerW, simmerMin, iceG, stirred, yieldMl: out },
              (code) => t("stockIsKept", { code }),
            )
          }
        >
          {t("strainedAndChilled")}
        </Button>
      </div>
      {passes ? null : <p className={page.sub}>{t("itWillNotCoolInTime")}</p>}
    </section>
  );
}
