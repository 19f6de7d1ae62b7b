"use client";
import { Button } from "antd";
import { useState } from "react";
import { POLAR, STRIP_EVERY_H, stripDue, type OilVerdict } from "@/core/butter";
import type { Fryer } from "@/db/butter/oil";
import { NumberField } from "@/ui/form/NumberField";
import { useAct } from "@/ui/hooks/useAct";
import { useHouse } from "@/ui/hooks/HouseContext";
import page from "@/ui/layout/page.module.css";
import { Source } from "@/ui/layout/Source";
import { t } from "@/words/shelf";
import styles from "../Butter.module.css";
import { dipStrip, freshOil } from "./actions";

const WORDS: Readonly<Record<OilVerdict, string>> = {
  good: t("oilGood"),
  watch: t("oilWatch"),
  "change-today": t("oilChangeToday"),
  out: t("oilOut"),
};

/** The frying oil by its test strip; hours only ask for the next one. */
export function Fryers({ fryers }: { readonly fryers: readonly Fryer[] }) {
  if (fryers.length === 0) return null;
  return (
    <section className={page.card} data-testid="fryers">
      <h2>{t("fryingOil")}</h2>
      <ul className={page.rows}>
        {fryers.map((fryer) => (
          <FryerRow key={fryer.id} fryer={fryer} />
        ))}
      </ul>
      <Source>{t("polarSource", { from: POLAR.dueFromPct, to: POLAR.outFromPct, hours: STRIP_EVERY_H })}</Source>
    </section>
  );
}

function FryerRow({ fryer }: { readonly fryer: Fryer }) {
  const { format } = useHouse();
  const { act, busy } = useAct();
  const [polarPct, setPolarPct] = useState(15);
  const { id, name, verdict, hoursSinceStrip } = fryer;
  const due = stripDue(hoursSinceStrip);
  return (
    <li>
      <div className={page.row}>
        <span
          className={styles.tag}
          data-state={
            verdict === "out" || verdict === "change-today" ? "bad" : due || verdict === "watch" ? "soon" : "good"
          }
        >
          {verdict === null ? t("noStripYet") : WORDS[verdict]}
        </span>
        <span className={page.grow}>
          <span className={page.title}>{name}</span>
          <br />
          <span className={page.sub}>
            {fryer.polarPct === null
              ? t("dipAStrip")
              : t("lastStrip", {
                  pct: format.number(fryer.polarPct, 1),
                  hours: Math.round(hoursSinceStrip ?? 0),
                  due: due ? "yes" : "no",
                })}
          </span>
        </span>
      </div>
      <div className={styles.closing}>
        <NumberField label={t("stripSays")} value={polarPct} min={0} max={60} step={0.5} onChange={setPolarPct} />
        <Button
          type="primary"
          loading={busy}
          onClick={() =>
            void act(dipStrip, { fryerId: id, polarPct }, (found) => t("stripMeans", { word: WORDS[found] }))
          }
        >
          {t("noteTheStrip")}
        </Button>
        <Button loading={busy} onClick={() => void act(freshOil, { fryerId: id }, () => t("oilIsFresh"))}>
          {t("oilWasChanged")}
        </Button>
      </div>
    </li>
  );
}
