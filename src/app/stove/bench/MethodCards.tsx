"use client";
import { Button } from "antd";
import { memo, startTransition, useEffect, useOptimistic, useRef, useState } from "react";
import { methodOf, type MethodFit, type MethodId } from "@/core/cooking";
import { durationText } from "@/words/format/format";
import { useHouse } from "@/ui/hooks/HouseContext";
import page from "@/ui/layout/page.module.css";
import styles from "../Stove.module.css";
import { t } from "@/words/stove-plan";
import { say } from "@/words/say";
import { Empty } from "@/ui/layout/Empty";

const FIRST_SHOWN = 3;

/** A thumb on its way to a list that was ranked anew meanwhile lands where something else stood, ms: that tap is not meant. */
const MOVED_MS = 300;

/** Whether the order has changed just now, by itself and not for the first time. */
function useJustMoved(order: string): () => boolean {
  const last = useRef({ order, atMs: -Infinity });
  useEffect(() => {
    if (last.current.order === order) return;
    last.current = { order, atMs: last.current.order === "" ? -Infinity : performance.now() };
  }, [order]);
  return () => performance.now() - last.current.atMs < MOVED_MS;
}

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
  const justMoved = useJustMoved(fits.map(({ methodId }) => methodId).join(" "));
  const choose = (id: MethodId) => {
    if (justMoved()) return;
    startTransition(() => {
      mark(id);
      onChoose(id);
    });
  };
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
