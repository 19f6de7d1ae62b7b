"use client";
import { useState } from "react";
import { compareSchools, schoolsOf, type SchoolAnswer, type Shelf } from "@/core/butter";
import { soMounted, type BenchAsk } from "@/house/butter/sauceBench";
import { useHouse } from "@/ui/hooks/HouseContext";
import page from "@/ui/layout/page.module.css";
import { t } from "@/words/butter";
import { durationText } from "@/words/format/format";
import styles from "../../Butter.module.css";
import { STATE_WORDS } from "../../labels";

type Props = { readonly ask: BenchAsk; readonly shelf: Shelf; readonly waitMin: number };

const WORDS: Readonly<Record<SchoolAnswer["id"], string>> = {
  "with-cream": t("schoolWithCream"),
  alone: t("schoolAlone"),
  soft: t("schoolSoft"),
  whipped: t("schoolWhipped"),
};

/** The same sauce as other good cooks make it, side by side; worked out when it is asked for. */
export function Schools({ ask, shelf, waitMin }: Props) {
  const { format } = useHouse();
  const [open, setOpen] = useState(false);
  if (schoolsOf(ask.spec, shelf).length === 0) return null;
  const found = open ? compareSchools(ask.spec, ask.covers, soMounted(ask), ask, waitMin, shelf) : null;
  return (
    <details className={`${page.card} ${page.open}`} onToggle={({ currentTarget }) => setOpen(currentTarget.open)}>
      <summary>{t("schoolsSideBySide")}</summary>
      {found?.ok ? (
        <table className={styles.lines} data-testid="schools">
          <thead>
            <tr>
              <th scope="col">{t("school")}</th>
              <th scope="col">{t("fatToWater")}</th>
              <th scope="col">{t("warmest")}</th>
              <th scope="col">{t("mountingTakes")}</th>
              <th scope="col">{t("waits")}</th>
            </tr>
          </thead>
          <tbody>
            {found.value.map(({ id, sauce, mounting, holdsUntilMin }) => (
              <tr key={id}>
                <td>
                  {WORDS[id]} <span className={page.sub}>{STATE_WORDS[sauce.state]}</span>
                </td>
                <td>{sauce.fatToWater === null ? "–" : `${format.number(sauce.fatToWater, 1)} : 1`}</td>
                <td>{format.temperature(sauce.holdC.to)}</td>
                <td>{durationText(mounting.minutes * 60)}</td>
                <td>
                  {holdsUntilMin === 0
                    ? t("notAtAll")
                    : `${holdsUntilMin === null ? "> " : ""}${durationText((holdsUntilMin ?? waitMin) * 60)}`}
                </td>
              </tr>
            ))}
          </tbody>
        </table>
      ) : null}
    </details>
  );
}
