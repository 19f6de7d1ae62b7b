"use client";
import { Select } from "antd";
import { useState } from "react";
import type { Draw, StockPlan } from "@/core/butter";
import { minuteText, nextPotAtMin } from "@/house/butter/stockBoard";
import { Field } from "@/ui/form/Field";
import { useHouse } from "@/ui/hooks/HouseContext";
import { Empty } from "@/ui/layout/Empty";
import page from "@/ui/layout/page.module.css";
import { t } from "@/words/butter";

export type StockBalance = { readonly drawnMl: number; readonly shortMl: number; readonly overMl: number };
export type StockLotRow = {
  readonly id: string;
  readonly code: string;
  readonly name: string;
  readonly remainingG: number;
};

type Props = {
  readonly draws: readonly Draw[];
  readonly balance: StockBalance;
  readonly pots: readonly StockLotRow[];
  /** Of the pot that would go on next; null: there are no bones for one. */
  readonly plan: StockPlan | null;
  readonly simmerMin: number;
};

/** Half hours of a working afternoon, minutes of the day. */
const WANTED = Array.from({ length: 19 }, (_, index) => 600 + index * 30);

/** What the dishes of the day draw against the pots there are, and when the next one has to go on. */
export function DayBalance({ draws, balance, pots, plan, simmerMin }: Props) {
  const { format } = useHouse();
  const [wantedMin, setWantedMin] = useState(1020);
  return (
    <section className={page.card} data-testid="balance">
      <h2>{t("theDaysBalance")}</h2>
      {draws.length === 0 ? <Empty>{t("nothingDrawsOnStock")}</Empty> : null}
      <ul className={page.rows}>
        {draws.map(({ what, ml }) => (
          <li key={what}>
            <div className={page.row}>
              <span className={page.grow}>{what}</span>
              <span className="figure">{`− ${format.volume(ml)}`}</span>
            </div>
          </li>
        ))}
        {pots.map(({ id, code, name, remainingG }) => (
          <li key={id}>
            <div className={page.row}>
              <span className={page.grow}>{t("potOfStock", { name, code })}</span>
              <span className="figure">{format.mass(remainingG)}</span>
            </div>
          </li>
        ))}
      </ul>
      {balance.shortMl > 0 ? (
        <>
          <p className={page.stop} data-testid="short">
            {t("shortBy", { volume: format.volume(balance.shortMl) })}{" "}
            {plan
              ? t("nextPotOnBy", {
                  time: minuteText(nextPotAtMin(plan, simmerMin, wantedMin)),
                  gives: format.volume(plan.yieldMl),
                })
              : t("noBonesBuyOne")}
          </p>
          <Field label={t("stockIsWantedBy")}>
            {(id) => (
              <Select
                id={id}
                value={wantedMin}
                options={WANTED.map((value) => ({ value, label: minuteText(value) }))}
                onChange={setWantedMin}
              />
            )}
          </Field>
        </>
      ) : balance.overMl > 0 && draws.length > 0 ? (
        <p className={page.sub}>{t("overBy", { volume: format.volume(balance.overMl) })}</p>
      ) : null}
    </section>
  );
}
