import type { Metadata } from "next";
import { INGREDIENTS } from "@/core/butter";
import { boughtGoods, goodsPrices } from "@/db/butter/goods";
import { packsNow } from "@/db/butter/packs";
import { db } from "@/db/connection";
import { PageHead } from "@/ui/layout/PageHead";
import { SubNav } from "@/ui/layout/SubNav";
import { t } from "@/words/shelf";
import { requestTime, requireHouse } from "../../request";
import { BUTTER_VIEWS } from "../subViews";
import { GoodForm } from "./GoodForm";
import { GoodList } from "./GoodList";
import { GoodPrices } from "./GoodPrices";
import { PackForm } from "./PackForm";
import page from "@/ui/layout/page.module.css";

export const metadata: Metadata = { title: t("goods") };

export default async function GoodsPage() {
  await requestTime();
  requireHouse();
  const prices = goodsPrices(db());
  const goods = boughtGoods(db()).filter(({ retired }) => !retired);
  return (
    <>
      <PageHead
        title={goods.length > 0 ? t("goodsByLabel", { count: goods.length }) : t("enterAGoodFromItsLabel")}
        asks={t("whatTheLabelSaysIsWhatTheSauceCounts")}
      />
      <SubNav views={BUTTER_VIEWS} here="/butter/goods" />
      <div className={page.wideLeft}>
        <GoodForm />
        <div className={page.stack}>
          <GoodList goods={goods} />
          <PackForm
            goods={[...goods.map(({ good }) => good), ...INGREDIENTS.filter(({ id }) => id !== "water")].map(
              ({ id, label }) => ({
                id,
                label,
              }),
            )}
            packs={packsNow(db())}
          />
          <GoodPrices
            goods={INGREDIENTS.filter(({ id }) => id !== "water").map(({ id, label }) => ({
              id,
              label,
              centsPerKg: prices.get(id) ?? null,
            }))}
          />
        </div>
      </div>
    </>
  );
}
