import type { Metadata } from "next";
import Link from "next/link";
import { findSpecies, shortName } from "@/core/species";
import { DAY_MS } from "@/core/units";
import { db } from "@/db/connection";
import { listOwnSpecies } from "@/db/house/species";
import { supplierRecords } from "@/db/lots/supplierRecord";
import page from "@/ui/layout/page.module.css";
import { SubNav } from "@/ui/layout/SubNav";
import { formatFor } from "@/words/format/format";
import { requestTime, requireHouse } from "../../request";
import styles from "../Dock.module.css";
import { DOCK_VIEWS } from "../subViews";
import { ArrivalChart } from "./ArrivalChart";
import { PageHead } from "@/ui/layout/PageHead";
import { t } from "@/words/dock";
import { Empty } from "@/ui/layout/Empty";

export const metadata: Metadata = { title: t("suppliers") };

/** Arrivals a chart can show apart. */
const SHOWN = 60;

export default async function SuppliersPage() {
  const nowMs = await requestTime();
  const house = requireHouse();
  const format = formatFor(house.units, house.currency, house.decimalMark);
  const own = listOwnSpecies(db());
  const nameOf = (id: string) => {
    const species = findSpecies(id, own);
    return species ? shortName(species) : id;
  };
  const records = supplierRecords(db(), nowMs - 365 * DAY_MS);
  const freshest = [...records]
    .filter(({ meanIceDays }) => meanIceDays !== null)
    .sort((a, b) => a.meanIceDays! - b.meanIceDays!)[0];
  return (
    <>
      <PageHead
        title={freshest ? t("supplierBringsTheFreshest", { supplier: freshest.supplier }) : t("noSupplierYet")}
        asks={t("theLastYearWhatStayedWhat")}
      />
      <SubNav views={DOCK_VIEWS} here="/dock/suppliers" />
      <div className={page.stack}>
        {records.length === 0 ? (
          <section className={page.card}>
            <Empty>
              {t.rich("theFirstDeliveryStartsARecord", { link: (words) => <Link href="/dock">{words}</Link> })}
            </Empty>
          </section>
        ) : null}
        {records.map((record) => (
          <section key={record.supplier} className={page.card} aria-label={record.supplier}>
            <h2>{record.supplier}</h2>
            <div className={styles.record}>
              <dl className={styles.tally}>
                <div>
                  <dt>{t("accepted")}</dt>
                  <dd className="figure">{record.accepted}</dd>
                </div>
                <div>
                  <dt>{t("cookingOnly")}</dt>
                  <dd className="figure">{record.cookOnly}</dd>
                </div>
                <div>
                  <dt>{t("refused")}</dt>
                  <dd className="figure">{record.refused}</dd>
                </div>
                <div>
                  <dt>{t("daysGoneAtTheDoor")}</dt>
                  <dd className="figure">{record.meanIceDays === null ? "–" : format.number(record.meanIceDays, 1)}</dd>
                </div>
                <div>
                  <dt>{t("shortWeight")}</dt>
                  <dd className="figure">
                    {record.shortPct === null ? "–" : `${format.number(record.shortPct, 1)} %`}
                  </dd>
                </div>
              </dl>
              {record.arrivals.length > 1 ? (
                <ArrivalChart
                  arrivals={record.arrivals.slice(-SHOWN).map(({ code, atMs, iceDays, verdict, speciesId }) => ({
                    code,
                    atMs,
                    iceDays,
                    verdict,
                    name: nameOf(speciesId),
                  }))}
                />
              ) : (
                <p className="muted">{t("oneLotSoFarTheLine")}</p>
              )}
            </div>
          </section>
        ))}
      </div>
    </>
  );
}
