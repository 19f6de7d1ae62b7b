import type { Metadata } from "next";
import { edibleShare } from "@/core/block";
import { DAY_MS } from "@/core/units";
import { db } from "@/db/connection";
import { breakdownsSince } from "@/db/block/breakdowns";
import { stockOnIce } from "@/db/lots/stock";
import { SubNav } from "@/ui/layout/SubNav";
import { requireHouse, requestTime } from "../../request";
import { BLOCK_VIEWS } from "../subViews";
import { OrderDesk } from "./OrderDesk";
import { PageHead } from "@/ui/layout/PageHead";
import { t } from "@/words/block";

export const metadata: Metadata = { title: t("whatToOrder") };

export default async function OrderPage() {
  const nowMs = await requestTime();
  requireHouse();
  const stock = stockOnIce(db(), nowMs);
  const onIce: Record<string, number> = {};
  for (const { row, species, life, massG, byProduct } of stock)
    if (!byProduct && life.use !== "over" && life.state !== "frozen")
      onIce[row.speciesId] = (onIce[row.speciesId] ?? 0) + massG * edibleShare(species, row.form);
  const weighed = breakdownsSince(db(), nowMs - 365 * DAY_MS).map(({ speciesId, form, wayId, wholeG, parts }) => ({
    speciesId,
    form,
    wayId,
    wholeG,
    parts: parts.map(({ partId, massG }) => ({ partId, massG })),
  }));
  return (
    <>
      <PageHead title={t("howMuchToOrder")} asks={t("fromCoversToTheWeightTo")} />
      <SubNav views={BLOCK_VIEWS} here="/block/order" />
      <OrderDesk onIce={onIce} weighed={weighed} />
    </>
  );
}
