"use client";
import { Button } from "antd";
import { memo, startTransition, useOptimistic, useState } from "react";
import { methodOf, type MethodFit, type MethodId } from "@/core/cooking";
import { durationText } from "@/words/format/format";
import { useHouse } from "@/ui/hooks/HouseContext";
import page from "@/ui/layout/page.module.css";
import styles from "../Stove.module.css";
import { t } from "@/words/stove-plan";
import { say } from "@/words/say";
import { Empty } from "@/ui/layout/Empty";

const FIRST_SHOWN = 3;

type Props = {
  readonly fits: readonly MethodFit[];
  readonly working: boolean;
  readonly chosen: MethodId;
  readonly onChoose: (id: MethodId) => void;
};

/** The ways to cook this piece, the fittest first, each with its reason and its time. */
export const MethodCards = memo(function MethodCards({ fits, working, chosen, onChoose }: Props) {
  const { format } = useHouse();
  const [all, setAll] = useState(false);
  // the tapped way is marked at once, the plan follows it
  const [marked, mark] = useOptimistic(chosen);
  const choose = (id: MethodId) =>
    startTransition(() => {
      mark(id);
      onChoose(id);
    });
  const first = fits.slice(0, FIRST_SHOWN);
  const shown = all
    ? fits
    : first.some(({ methodId }) => methodId === chosen)
      ? first
      : [...first.slice(0, -1), ...fits.filter(({ methodId }) => methodId === chosen)];
  return (
    <section className={page.card} aria-busy={working} data-first>
      <div className={styles.cardHead}>
        <h2>{t("waysToCookItByFit")}</h2>
        {fits.length > FIRST_SHOWN ? (
          <Button type="text" onClick={() => setAll(!all)} aria-expanded={all}>
            {all ? t("fewer") : t("allLength", { length: fits.length })}
          </Button>
        ) : null}
      </div>
      {fits.length === 0 ? (
        <div className={working ? styles.waysPlace : undefined}>
          <Empty>{working ? t("weighingTheWays") : t("noWayInTheTableSuits")}</Empty>
        </div>
      ) : (
        <ul className={styles.methods}>
          {shown.map(({ methodId, reason, heatS, refusal }) => {
            const { label } = methodOf(methodId);
            return (
              <li key={methodId}>
                <button
                  type="button"
                  aria-pressed={methodId === marked}
                  data-method={methodId}
                  data-refused={refusal !== null || undefined}
                  onClick={() => choose(methodId)}
                >
                  <b>{label}</b>
                  <span className="figure">{heatS === null ? t("notSo") : durationText(heatS)}</span>
                  <small>{say(reason, format)}</small>
                </button>
              </li>
            );
          })}
        </ul>
      )}
    </section>
  );
});
