"use client";
import { Button } from "antd";
import Link from "next/link";
import { useState } from "react";
import type { PotCooled } from "@/db/butter/cooling";
import { QuantityField } from "@/ui/form/QuantityField";
import { useHouse } from "@/ui/hooks/HouseContext";
import { useAct } from "@/ui/hooks/useAct";
import page from "@/ui/layout/page.module.css";
import { t } from "@/words/butter";
import { pourAway, readCoolingPot } from "../actions";
import styles from "../Butter.module.css";

type Props = {
  readonly lotId: string;
  readonly title: string;
  readonly code: string;
  readonly remainingG: number;
  readonly made: string;
  readonly useBy: string | null;
  readonly over: boolean;
  readonly cost: string;
  readonly allergens: readonly string[];
  readonly mayContain: readonly string[];
  /** Something in it only its label knows. */
  readonly unknown: boolean;
  /** How its pot has cooled by its readings; null: it is none that was cooled here. */
  readonly cooled: PotCooled | null;
};

/** A pot that is kept: its label, and pouring it away. */
export function KeptRow({
  lotId,
  title,
  code,
  remainingG,
  made,
  useBy,
  over,
  cost,
  allergens,
  mayContain,
  unknown,
  cooled,
}: Props) {
  const { format } = useHouse();
  const { act, busy } = useAct();
  return (
    <li>
      <div className={page.row}>
        <span className={styles.tag} data-state={over || cooled?.verdict === "fail" ? "bad" : "good"}>
          {over ? t("tooOld") : cooled?.verdict === "fail" ? t("cooledTooSlowly") : t("good2")}
        </span>
        <span className={page.grow}>
          <span className={page.title}>{title}</span>{" "}
          <span className={`${page.sub} figure`}>
            {code}, {format.mass(remainingG)}, {cost}
          </span>
          <br />
          <span className={page.sub}>
            {made}. {useBy === null ? "" : t("useByWhen", { when: useBy })}{" "}
            {t("allergensLine", { list: allergens.join(", ") || t("none"), unknown: unknown ? "yes" : "no" })}{" "}
            {mayContain.length > 0 ? t("mayContainLine", { list: mayContain.join(", ") }) : ""}
          </span>
        </span>
        <Link href={`/butter/label/${lotId}`}>{t("label")}</Link>
        <Button
          loading={busy}
          onClick={() =>
            void act(pourAway, { lotId, massG: remainingG }, ({ pouredG, cents }) =>
              t("pouredAway", { mass: format.mass(pouredG), cost: format.money(cents) }),
            )
          }
        >
          {t("pourItAway")}
        </Button>
      </div>
      {cooled && cooled.verdict !== "pass" ? <Cooling lotId={lotId} cooled={cooled} /> : null}
    </li>
  );
}

/** A pot that has not been shown to be cold: what it reads. */
function Cooling({ lotId, cooled }: { readonly lotId: string; readonly cooled: PotCooled }) {
  const { format } = useHouse();
  const { act, busy } = useAct();
  const [celsius, setCelsius] = useState(5);
  return (
    <div className={styles.closing}>
      <span className={cooled.verdict === "fail" ? page.stop : page.sub}>
        {cooled.verdict === "fail"
          ? t("potCooledTooSlowly")
          : cooled.lastC === null
            ? t("potNotReadYet")
            : t("potLastRead", { heat: format.temperature(cooled.lastC, 1) })}
      </span>
      <QuantityField label={t("itReads")} kind="temperature" value={celsius} min={-5} max={100} onChange={setCelsius} />
      <Button
        loading={busy}
        onClick={() => void act(readCoolingPot, { lotId, celsius }, (verdict) => t("potReadVerdict", { verdict }))}
      >
        {t("noteIt")}
      </Button>
    </div>
  );
}
