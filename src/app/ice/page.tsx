import { sumOf } from "@/core/numeric";
import type { Metadata } from "next";
import Link from "next/link";
import { PART_USES } from "@/core/block";
import { centsAtRiskPerDay } from "@/core/line";
import { inSentence } from "@/core/species";
import { DAY_MS } from "@/core/units";
import { batchesToCook } from "@/db/block/batches";
import { db } from "@/db/connection";
import { cutLives } from "@/db/block/cutLives";
import { stockOnIce } from "@/db/lots/stock";
import { formatFor, lifeText } from "@/words/format/format";
import page from "@/ui/layout/page.module.css";
import { SubNav } from "@/ui/layout/SubNav";
import { requireHouse, requestTime } from "../request";
import { speciesName } from "../stove/clockOf";
import { LotFilter } from "./LotFilter";
import { LotRow } from "./LotRow";
import { ICE_VIEWS } from "./subViews";
import { PageHead } from "@/ui/layout/PageHead";
import { t } from "@/words/ice";
import { Empty } from "@/ui/layout/Empty";

export const metadata: Metadata = { title: t("ice") };

/** Rows a page shows before it asks to narrow down. */
const SHOWN = 80;

export default async function IcePage({ searchParams }: { readonly searchParams: Promise<{ find?: string }> }) {
  const nowMs = await requestTime();
  const house = requireHouse();
  const format = formatFor(house.units, house.currency, house.decimalMark);
  const all = stockOnIce(db(), nowMs);
  const wanted = ((await searchParams).find ?? "").trim().toLowerCase();
  const lots = all.filter(({ title, row, place }) =>
    `${title} ${row.code} ${row.supplier} ${place?.name ?? ""}`.toLowerCase().includes(wanted),
  );
  const first = all.find(({ byProduct }) => !byProduct);
  const risk = sumOf(all, ({ valueCents, life }) => centsAtRiskPerDay(valueCents, life.daysLeft));
  const running = lots.filter(({ life, byProduct }) => life.state !== "frozen" && !byProduct);
  const byProducts = lots.filter(({ life, byProduct }) => life.state !== "frozen" && byProduct);
  const frozen = lots.filter(({ life }) => life.state === "frozen");
  const cut = wanted === "" ? cutLives(db(), batchesToCook(db(), nowMs - 3 * DAY_MS), nowMs) : [];
  return (
    <>
      <PageHead
        title={first ? t("useTheTitleFirst", { title: inSentence(first.title) }) : t("nothingOnIce")}
        asks={
          first
            ? t("massDaysLeftLeftInNameAt", {
                mass: format.mass(first.massG),
                daysLeft: lifeText(first.life.daysLeft),
                name: first.place?.name ?? t("itsPlace"),
                place: format.temperature(first.life.placeC, 1),
                risk: format.money(risk),
              })
            : t("whatYouAcceptAtTheDock")
        }
      >
        <LotFilter value={wanted} />
      </PageHead>
      <SubNav views={ICE_VIEWS} here="/ice" />
      <div className={page.stack}>
        <section className={page.card} aria-label={t("lots")}>
          {all.length === 0 ? (
            <Empty>{t.rich("theIceIsEmptyTakeIn", { link: (words) => <Link href="/dock">{words}</Link> })}</Empty>
          ) : lots.length === 0 ? (
            <Empty>
              {t.rich("noLotOnIceByWanted", {
                wanted,
                length: all.length,
                link: (words) => <Link href="/ice">{words}</Link>,
              })}
            </Empty>
          ) : (
            <ul className={page.rows}>
              {running.slice(0, SHOWN).map((lot) => (
                <li key={lot.id}>
                  <LotRow lot={lot} format={format} />
                </li>
              ))}
            </ul>
          )}
          {running.length > SHOWN ? (
            <p className="muted">{t("lengthMoreWithLongerLifeNarrow", { length: running.length - SHOWN })}</p>
          ) : null}
        </section>
        {cut.length > 0 ? (
          <section className={page.card}>
            <h2>{t("cutAndWaiting")}</h2>
            <ul className={page.rows}>
              {cut.map(({ batch, life }) => (
                <li key={batch.id}>
                  <Link href={`/stove/${batch.id}`} className={page.row}>
                    <span className={page.grow}>
                      <span className={page.title}>{speciesName(batch.speciesId)}</span>{" "}
                      <span className={`${page.sub} figure`}>{batch.code}</span>
                    </span>
                    <span className="figure">
                      {batch.portions.filter(({ cookId }) => cookId === null).length} ×{" "}
                      {format.mass(batch.portions[0]?.massG ?? 0)}
                    </span>
                    <span className={`figure ${page.narrow}`}>{lifeText(life.daysLeft)}</span>
                  </Link>
                </li>
              ))}
            </ul>
          </section>
        ) : null}
        {byProducts.length > 0 ? (
          <section className={page.card}>
            <h2>{t("bonesShellsAndTrim")}</h2>
            <ul className={page.rows}>
              {byProducts.slice(0, SHOWN).map((lot) => (
                <li key={lot.id}>
                  <Link href={`/ice/${lot.id}`} className={page.row} data-part={lot.row.code}>
                    <span className={page.grow}>
                      <span className={page.title}>{lot.title}</span>{" "}
                      <span className={`${page.sub} figure`}>{lot.row.code}</span>
                    </span>
                    <span className={page.sub}>{lot.row.partUse ? PART_USES[lot.row.partUse].toLowerCase() : ""}</span>
                    <span className="figure">{format.mass(lot.massG)}</span>
                    <span className={`figure ${page.narrow}`}>
                      {lifeText(
                        lot.row.partUse === "stock" ? (lot.life.stockDaysLeft ?? lot.life.daysLeft) : lot.life.daysLeft,
                      )}
                    </span>
                  </Link>
                </li>
              ))}
            </ul>
          </section>
        ) : null}
        {frozen.length > 0 ? (
          <section className={page.card}>
            <h2>{t("inTheFreezer")}</h2>
            <ul className={page.rows}>
              {frozen.slice(0, SHOWN).map((lot) => (
                <li key={lot.id}>
                  <LotRow lot={lot} format={format} />
                </li>
              ))}
            </ul>
          </section>
        ) : null}
      </div>
    </>
  );
}
