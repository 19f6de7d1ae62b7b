import type { Metadata } from "next";
import { boughtGoods } from "@/db/butter/goods";
import { fryers } from "@/db/butter/oil";
import { preparationsNow } from "@/db/butter/preparations";
import { db } from "@/db/connection";
import { PageHead } from "@/ui/layout/PageHead";
import page from "@/ui/layout/page.module.css";
import { SubNav } from "@/ui/layout/SubNav";
import { dayText, formatFor, timeText } from "@/words/format/format";
import { t } from "@/words/shelf";
import { requestTime, requireHouse } from "../../request";
import { BUTTER_VIEWS } from "../subViews";
import { FatTable } from "./FatTable";
import { Fryers } from "./Fryers";
import { PrepareShelf } from "./PrepareShelf";
import { ShelfRow } from "./ShelfRow";
import { Empty } from "@/ui/layout/Empty";

export const metadata: Metadata = { title: t("shelf") };

export default async function ShelfPage() {
  const nowMs = await requestTime();
  const house = requireHouse();
  const format = formatFor(house.units, house.currency, house.decimalMark);
  const there = preparationsNow(db());
  const own = boughtGoods(db()).map(({ good }) => good);
  const oils = fryers(db(), nowMs);
  const when = (atMs: number) => `${dayText(atMs, house.timeZone)} ${timeText(atMs, house.timeZone)}`;
  const over = there.find(({ lots }) => lots.some(({ useByMs }) => useByMs !== null && useByMs <= nowMs));
  const low = there.find((one) => one.low);
  const oilOut = oils.find(({ verdict }) => verdict === "out" || verdict === "change-today");
  const title = over
    ? t("isOverThrowIt", { name: over.preparation.label })
    : oilOut
      ? t("changeTheOilOf", { name: oilOut.name })
      : low
        ? low.portions === null
          ? t("downToMass", { name: low.preparation.label, left: format.mass(low.leftG) })
          : t("downToPortions", { name: low.preparation.label, left: low.portions })
        : t("theShelfIsKept");
  return (
    <>
      <PageHead title={title} asks={t("whatLeansOnTheFish")} />
      <SubNav views={BUTTER_VIEWS} here="/butter/shelf" />
      <div className={page.stack}>
        <section className={page.card} data-testid="shelf">
          <h2>{t("onTheShelfNow")}</h2>
          {there.length === 0 ? <Empty>{t("nothingOnTheShelf")}</Empty> : null}
          <ul className={page.rows}>
            {there.map(({ preparation, lots, leftG, portions, par, low: isLow }) => (
              <ShelfRow
                key={preparation.id}
                preparationId={preparation.id}
                name={preparation.label}
                portionG={preparation.portionG}
                leftG={leftG}
                portions={portions}
                par={par}
                low={isLow}
                lots={lots.map(({ id, code, remainingG, useByMs }) => ({
                  id,
                  code,
                  remainingG,
                  useBy: useByMs === null ? null : when(useByMs),
                  over: useByMs !== null && useByMs <= nowMs,
                }))}
              />
            ))}
          </ul>
        </section>
        <PrepareShelf own={own} ruleSetId={house.ruleSetId} />
        <Fryers fryers={oils} />
        <FatTable own={own} />
      </div>
    </>
  );
}
