"use client";
import { Button } from "antd";
import Link from "next/link";
import { useHouse } from "@/ui/hooks/HouseContext";
import { useAct } from "@/ui/hooks/useAct";
import page from "@/ui/layout/page.module.css";
import { t } from "@/words/butter";
import { pourAway } from "../actions";
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
  /** Something in it only its label knows. */
  readonly unknown: boolean;
};

/** A pot that is kept: its label, and pouring it away. */
export function KeptRow({ lotId, title, code, remainingG, made, useBy, over, cost, allergens, unknown }: Props) {
  const { format } = useHouse();
  const { act, busy } = useAct();
  return (
    <li>
      <div className={page.row}>
        <span className={styles.tag} data-state={over ? "bad" : "good"}>
          {over ? t("tooOld") : t("good2")}
        </span>
        <span className={page.grow}>
          <span className={page.title}>{title}</span>{" "}
          <span className={`${page.sub} figure`}>
            {code}, {format.mass(remainingG)}, {cost}
          </span>
          <br />
          <span className={page.sub}>
            {made}. {useBy === null ? "" : t("useByWhen", { when: useBy })}{" "}
            {t("allergensLine", { list: allergens.join(", ") || t("none"), unknown: unknown ? "yes" : "no" })}
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
    </li>
  );
}
