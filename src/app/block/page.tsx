import type { Metadata } from "next";
import Link from "next/link";
import { breakdownsFor } from "@/core/block";
import { isCut } from "@/core/freshness";
import { inSentence } from "@/core/species";
import { DAY_MS } from "@/core/units";
import { batchesToCook } from "@/db/block/batches";
import { db } from "@/db/connection";
import { stockOnIce, type StockLot } from "@/db/lots/stock";
import { formatFor, lifeText } from "@/words/format/format";
import page from "@/ui/layout/page.module.css";
import { SubNav } from "@/ui/layout/SubNav";
import { requireHouse, requestTime } from "../request";
import { speciesName } from "../stove/clockOf";
import { BLOCK_VIEWS } from "./subViews";
import { PageHead } from "@/ui/layout/PageHead";
import { t } from "@/words/block";
import { Empty } from "@/ui/layout/Empty";

export const metadata: Metadata = { title: t("block") };

/** Whole animals are broken down first; what came cut goes under the knife for portions. */
const toBreakDown = ({ species, row }: StockLot) =>
  breakdownsFor(species, row.form).length > 0 && !(isCut(row.form) && row.form !== "loin");

export default async function BlockPage() {
  const nowMs = await requestTime();
  const house = requireHouse();
  const format = formatFor(house.units, house.currency, house.decimalMark);
  const lots = stockOnIce(db(), nowMs).filter(
    (lot) =>
      lot.life.use !== "over" && lot.life.state !== "frozen" && !lot.byProduct && (lot.cuttable || toBreakDown(lot)),
  );
  const batches = batchesToCook(db(), nowMs - 3 * DAY_MS);
  const first = lots[0];
  return (
    <>
      <PageHead
        title={
          first
            ? t("valueTheTitleNext", {
                value: toBreakDown(first) ? t("breakDown") : t("cut"),
                title: inSentence(first.title),
              })
            : t("nothingForTheKnife")
        }
        asks={t("wholeAnimalsComeApartPartBy")}
      />
      <SubNav views={BLOCK_VIEWS} here="/block" />
      <div className={page.wideLeft}>
        <section className={page.card}>
          <h2>{t("onIceWhatToUseFirst")}</h2>
          {lots.length === 0 ? (
            <Empty>{t.rich("nothingOnIceTakeInA", { link: (words) => <Link href="/dock">{words}</Link> })}</Empty>
          ) : (
            <ul className={page.rows}>
              {lots.map((lot) => {
                const apart = toBreakDown(lot);
                return (
                  <li key={lot.id}>
                    <Link
                      href={apart ? `/block/${lot.id}/apart` : `/block/${lot.id}`}
                      className={page.row}
                      data-lot={lot.row.code}
                    >
                      <span className={`figure ${page.number}`}>{lot.row.code}</span>
                      <span className={page.grow}>
                        <span className={page.title}>{lot.title}</span>{" "}
                        <span className={page.sub}>{apart ? t("toBreakDown") : t("toPortion")}</span>
                      </span>
                      <span className="figure">{format.mass(lot.massG)}</span>
                      <span className={`figure ${page.narrow}`}>{lifeText(lot.life.daysLeft)}</span>
                    </Link>
                  </li>
                );
              })}
            </ul>
          )}
        </section>
        <section className={page.card}>
          <h2>{t("cutAndWaiting")}</h2>
          {batches.length === 0 ? (
            <Empty>{t("noPortionsWaitingForThePan")}</Empty>
          ) : (
            <ul className={page.rows}>
              {batches.map((batch) => (
                <li key={batch.id}>
                  <div className={page.row}>
                    <Link href={`/stove/${batch.id}`} className={`${page.grow} ${page.target}`}>
                      <span className={page.title}>{speciesName(batch.speciesId)}</span>{" "}
                      <span className={`${page.sub} figure`}>{batch.code}</span>
                    </Link>
                    <span className="figure">
                      {batch.portions.filter(({ cookId }) => cookId === null).length} ×{" "}
                      {format.mass(batch.portions[0]?.massG ?? 0)}
                    </span>
                    <Link href={`/block/prepare/${batch.id}`} className={page.target}>
                      {batch.prepared ? t("prepared") : t("prepare")}
                    </Link>
                  </div>
                </li>
              ))}
            </ul>
          )}
        </section>
      </div>
    </>
  );
}
