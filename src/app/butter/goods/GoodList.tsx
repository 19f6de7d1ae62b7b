"use client";
import { Button, Select } from "antd";
import { COMMON_SHELF } from "@/core/butter";
import { MEDIA_GOODS } from "@/core/cards";
import type { BoughtGood } from "@/db/butter/goods";
import { useHouse } from "@/ui/hooks/HouseContext";
import { useAct } from "@/ui/hooks/useAct";
import { Empty } from "@/ui/layout/Empty";
import page from "@/ui/layout/page.module.css";
import { t } from "@/words/shelf";
import styles from "../Butter.module.css";
import { takeGoodOff, cookWith } from "./actions";

const commonName = (id: string) => (COMMON_SHELF.get(id)?.label ?? id).toLowerCase();

/** The house's own goods by their labels. */
export function GoodList({ goods }: { readonly goods: readonly BoughtGood[] }) {
  const { format } = useHouse();
  const { act, busy } = useAct();
  return (
    <section className={page.card} data-testid="goods">
      <h2>{t("onTheShelf")}</h2>
      {goods.length === 0 ? <Empty>{t("noGoodOfYourOwn")}</Empty> : null}
      <ul className={page.rows}>
        {goods.map(({ good, centsPerKg, standsFor }) => (
          <li key={good.id}>
            <div className={page.row}>
              <span className={page.grow}>
                <span className={page.title}>{good.label}</span>
                <br />
                <span className={page.sub}>
                  {t("goodLine", {
                    fat: format.number(good.fatPct, Number.isInteger(good.fatPct) ? 0 : 1),
                    water: good.waterPct.toFixed(0),
                    salt: format.number(good.saltPct, 1),
                    list: good.allergens.join(", ") || "–",
                    open: good.compound ? "yes" : "no",
                  })}
                </span>
              </span>
              <Select
                className={styles.insteadOf ?? ""}
                aria-label={t("cookedWithInsteadOf", { name: good.label })}
                value={standsFor ?? ""}
                options={[
                  { value: "", label: t("insteadOfNothing") },
                  ...MEDIA_GOODS.map((id) => ({ value: id, label: t("insteadOf", { what: commonName(id) }) })),
                ]}
                onChange={(id: string) =>
                  void act(cookWith, { id: good.id, standsFor: id === "" ? null : id }, () =>
                    t("cookedWithFromNowOn", { name: good.label }),
                  )
                }
              />
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
