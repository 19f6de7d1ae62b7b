"use client";
import { Button } from "antd";
import { SERVED_FROM_C, outcomeLabel, type Holding } from "@/core/cooking";
import { RULE_SETS, RULINGS, cite, type RuleSetId } from "@/core/safety";
import type { Species } from "@/core/species";
import { durationText } from "@/words/format/format";
import { useHouse } from "@/ui/hooks/HouseContext";
import page from "@/ui/layout/page.module.css";
import styles from "../Stove.module.css";
import { t } from "@/words/stove";

type Props = {
  readonly holdings: readonly Holding[];
  readonly working: boolean;
  readonly ruleSetId: RuleSetId;
  readonly group: Species["donenessGroup"];
  readonly fromC: number;
  readonly onStart: (way: Holding["way"]) => void;
};

const minutesText = (minutes: number | null, never: string) => (minutes === null ? never : durationText(minutes * 60));

/** Every warm place of the house: how long it keeps the dish as cooked, and how long the rule lets it. */
export function HoldingTable({ holdings, working, ruleSetId, group, fromC, onStart }: Props) {
  const { format } = useHouse();
  const { minC, source, belowMin, belowSource } = RULE_SETS[ruleSetId].hotHold;
  return (
    <section className={`${page.card} ${styles.wide}`} aria-busy={working} data-testid="holding">
      <h2>{t("whereItWaits")}</h2>
      <table className={`${styles.compare} ${styles.ways}`}>
        <thead>
          <tr>
            <th scope="col">{t("way")}</th>
            <th scope="col">{t("goodFor")}</th>
            <th scope="col">{t("aboveMin", { min: format.temperature(minC) })}</th>
            <th scope="col">{t("outAfter")}</th>
            <th scope="col">{t("centreAt30Min")}</th>
            <th scope="col">{t("driesBy")}</th>
            <th scope="col">
              <span className="visually-hidden">{t("start")}</span>
            </th>
          </tr>
        </thead>
        <tbody>
          {holdings.length > 0 ? null : (
            <tr className={styles.awaitedRows} data-of="hold">
              <td colSpan={7} />
            </tr>
          )}
          {holdings.map((holding) => {
            const { way, trace, hotUntilMin, outAfterMin, asCookedMin, ends, lossIn30Pct } = holding;
            return (
              <tr key={way.id} data-way={way.id}>
                <th scope="row">
                  {way.label}
                  <br />
                  <span className={page.sub}>{way.note}</span>
                </th>
                <td>
                  <b className="figure">{minutesText(asCookedMin, t("figure4HAndMore"))}</b>
                  {ends === null ? null : (
                    <>
                      <br />
                      <span className={page.sub}>
                        {t("thenEnds", {
                          ends: ends === "cold" ? t("tooCool") : outcomeLabel(ends, group).toLowerCase(),
                        })}
                      </span>
                    </>
                  )}
                </td>
                <td className="figure">
                  {hotUntilMin === 0 ? t("notAtAll") : minutesText(hotUntilMin, t("figure4HAndMore"))}
                </td>
                <td className="figure">{minutesText(outAfterMin, t("noLimit"))}</td>
                <td className="figure">{format.temperature(trace[30]?.[2] ?? fromC)}</td>
                <td className="figure">{lossIn30Pct.toFixed(0)} %</td>
                <td>
                  <Button
                    onClick={() => onStart(way)}
                    aria-label={t("startTheClockLabel", { label: way.label.toLowerCase() })}
                  >
                    {t("start")}
                  </Button>
                </td>
              </tr>
            );
          })}
        </tbody>
      </table>
      <details className={page.open}>
        <summary>{t("whereItComesFrom")}</summary>
        <p>
          {t("keptHotAtMinOrAbove", {
            min: format.temperature(minC),
            source,
            below: durationText(belowMin * 60),
            belowSource,
            servedFrom: format.temperature(SERVED_FROM_C),
            reheat: cite(RULINGS[ruleSetId].reheat),
          })}
        </p>
      </details>
    </section>
  );
}
