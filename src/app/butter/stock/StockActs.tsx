"use client";
import { Button } from "antd";
import type { StockForm } from "@/house/butter/stockPot";
import { useAct } from "@/ui/hooks/useAct";
import page from "@/ui/layout/page.module.css";
import { t } from "@/words/butter";
import { startPot } from "../actions";
import styles from "../Butter.module.css";

type Props = { readonly form: StockForm; readonly waterMl: number; readonly passes: boolean };

/** The pot goes on: the bones leave the ice and its clock runs. */
export function StockActs({ form, waterMl, passes }: Props) {
  const { act, busy } = useAct();
  const { chosen, pot, aromaticsG, netPowerW, simmerMin } = form;
  const asked = { bones: chosen, waterMl, aromaticsG, potId: pot.id, netPowerW, simmerMin };
  return (
    <section className={page.card}>
      <h2>{t("doneAndWritten")}</h2>
      <p className={page.sub}>{t("bonesLeaveTheIce")}</p>
      <div className={styles.acts}>
        <Button
          type="primary"
          size="large"
          loading={busy}
          onClick={() => void act(startPot, asked, () => t("thePotIsOnNow"))}
        >
          {t("thePotIsOn")}
        </Button>
      </div>
      {passes ? null : <p className={page.sub}>{t("itWillNotCoolInTime")}</p>}
    </section>
  );
}
