import type { Metadata } from "next";
import { saucesNow } from "@/db/butter/sauces";
import { potCooled } from "@/db/butter/cooling";
import { STOCK_ITEM, stocksNow } from "@/db/butter/stocks";
import { db } from "@/db/connection";
import type { MadeLot } from "@/db/larder/madeLots";
import { PageHead } from "@/ui/layout/PageHead";
import page from "@/ui/layout/page.module.css";
import { RowCard } from "@/ui/layout/RowCard";
import { SubNav } from "@/ui/layout/SubNav";
import { t } from "@/words/butter";
import { dayText, formatFor, timeText } from "@/words/format/format";
import { requestTime, requireHouse } from "../../request";
import { BUTTER_VIEWS } from "../subViews";
import { KeptRow } from "./KeptRow";

export const metadata: Metadata = { title: t("kept") };

const byUse = (a: { readonly lot: MadeLot }, b: { readonly lot: MadeLot }) =>
  (a.lot.useByMs ?? Infinity) - (b.lot.useByMs ?? Infinity);

export default async function KeptPage() {
  const nowMs = await requestTime();
  const house = requireHouse();
  const format = formatFor(house.units, house.currency, house.decimalMark);
  const bases = saucesNow(db())
    .filter(({ mount }) => mount === null)
    .sort(byUse);
  const stocks = stocksNow(db());
  const first = [...bases, ...stocks].sort(byUse)[0];
  const when = (atMs: number) => `${dayText(atMs, house.timeZone)} ${timeText(atMs, house.timeZone)}`;
  const row = ({ lot, name }: { readonly lot: MadeLot; readonly name: string }) => (
    <KeptRow
      key={lot.id}
      lotId={lot.id}
      title={name}
      code={lot.code}
      remainingG={lot.remainingG}
      made={t("madeByAt", { who: lot.receivedBy, when: when(lot.receivedAtMs) })}
      useBy={lot.useByMs === null ? null : when(lot.useByMs)}
      over={lot.useByMs !== null && lot.useByMs < nowMs}
      cost={format.money(lot.remainingCents)}
      allergens={Object.entries(lot.allergens ?? {})
        .filter(([, state]) => state === "contains")
        .map(([id]) => id)}
      mayContain={Object.entries(lot.allergens ?? {})
        .filter(([, state]) => state === "may")
        .map(([id]) => id)}
      cooled={lot.itemId === STOCK_ITEM ? potCooled(db(), lot, house.ruleSetId) : null}
      unknown={Object.values(lot.allergens ?? { none: "unknown" }).includes("unknown")}
    />
  );
  return (
    <>
      <PageHead
        title={first ? t("useTheBaseFirst", { name: first.name, code: first.lot.code }) : t("noBaseIsKept")}
        asks={t("everyPotWithItsDays")}
      />
      <SubNav views={BUTTER_VIEWS} here="/butter/kept" />
      <div className={page.stack}>
        <RowCard title={t("basesKept")} empty={t("makeABaseAndItStandsHere")} rows={bases.map(row)} />
        <RowCard title={t("stocksKept")} empty={t("noStockIsKept")} rows={stocks.map(row)} />
      </div>
    </>
  );
}
