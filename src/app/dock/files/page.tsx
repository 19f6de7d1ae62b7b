import type { Metadata } from "next";
import { listAdvice } from "@/db/house/advice";
import { db } from "@/db/connection";
import { listSuppliers } from "@/db/lots/lots";
import { usualFigures } from "@/db/lots/usualFigures";
import { usualPlaces } from "@/db/lots/usualPlaces";
import { listPlaces } from "@/db/house/places";
import { DELIVERY_COLUMNS } from "@/exchange/deliveryCsv";
import page from "@/ui/layout/page.module.css";
import { SubNav } from "@/ui/layout/SubNav";
import { requestTime, requireHouse } from "../../request";
import { DOCK_VIEWS } from "../subViews";
import styles from "../Dock.module.css";
import { COLUMN_WORDS } from "./columnWords";
import { FileDesk } from "./FileDesk";
import { PageHead } from "@/ui/layout/PageHead";
import { t } from "@/words/dock";

export const metadata: Metadata = { title: t("files") };

export default async function FilesPage() {
  const nowMs = await requestTime();
  requireHouse();
  return (
    <>
      <PageHead title={t("readADeliveryInOrHand")} asks={t("aFileFillsInThePapers")} />
      <SubNav views={DOCK_VIEWS} here="/dock/files" />
      <div className={page.stack}>
        <FileDesk
          suppliers={listSuppliers(db())}
          places={listPlaces(db())}
          advice={listAdvice(db())}
          serverNowMs={nowMs}
          usualPlaces={usualPlaces(db())}
          usualFigures={usualFigures(db())}
        />
        <section className={page.card}>
          <h2>{t("theColumnsOfADeliveryFile")}</h2>
          <p className={`muted ${page.below}`}>{t("inAnyOrderTheRestBeside")}</p>
          <dl className={styles.columns}>
            {DELIVERY_COLUMNS.map((column) => (
              <div key={column}>
                <dt>{column}</dt>
                <dd>{COLUMN_WORDS[column]}</dd>
              </div>
            ))}
          </dl>
        </section>
      </div>
    </>
  );
}
