"use client";
import { Button } from "antd";
import type { BoughtGood } from "@/db/butter/goods";
import { useHouse } from "@/ui/hooks/HouseContext";
import { useAct } from "@/ui/hooks/useAct";
import { Empty } from "@/ui/layout/Empty";
import page from "@/ui/layout/page.module.css";
import { t } from "@/words/shelf";
import { takeGoodOff } from "./actions";

/** The house's own goods by their labels. */
export function GoodList({ goods }: { readonly goods: readonly BoughtGood[] }) {
  const { format } = useHouse();
  const { act, busy } = useAct();
  return (
    <section className={page.card} data-testid="goods">
      <h2>{t("onTheShelf")}</h2>
      {goods.length === 0 ? <Empty>{t("noGoodOfYourOwn")}</Empty> : null}
      <ul className={page.rows}>
        {goods.map(({ good, centsPerKg }) => (
          <li key={good.id}>
            <div className={page.row}>
              <span className={page.grow}>
                <span className={page.title}>{good.label}</span>
                <br />
                <span className={page.sub}>
                  {t("goodLine", {
                    fat: good.fatPct,
                    water: good.waterPct.toFixed(0),
                    salt: good.saltPct,
                    list: good.allergens.join(", ") || "–",
                    open: good.compound ? "yes" : "no",
                  })}
                </span>
              </span>
              <span className="figure">{centsPerKg === null ? t("noPrice") : format.money(centsPerKg)}</span>
              <Button
                loading={busy}
                onClick={() => void act(takeGoodOff, { id: good.id }, () => t("goodIsOff", { name: good.label }))}
              >
                {t("takeItOffTheShelf")}
              </Button>
            </div>
          </li>
        ))}
      </ul>
    </section>
  );
}
