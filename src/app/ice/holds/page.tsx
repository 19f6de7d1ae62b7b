import type { Metadata } from "next";
import Link from "next/link";
import { shortName } from "@/core/species";
import { db } from "@/db/connection";
import { liveHolds, openHolds } from "@/db/lots/holds";
import { speciesOf } from "@/db/house/species";
import { stockOnIce } from "@/db/lots/stock";
import page from "@/ui/layout/page.module.css";
import { SubNav } from "@/ui/layout/SubNav";
import { requestTime, requireHouse } from "../../request";
import { HoldLine } from "../[lotId]/HoldLine";
import { ICE_VIEWS } from "../subViews";
import { PageHead } from "@/ui/layout/PageHead";
import { t } from "@/words/ice";
import { Empty } from "@/ui/layout/Empty";

export const metadata: Metadata = { title: t("holds") };

export default async function HoldsPage() {
  const nowMs = await requestTime();
  requireHouse();
  const held = [...openHolds(db(), nowMs), ...liveHolds(stockOnIce(db(), nowMs), nowMs)].sort(
    (a, b) => (a.status.endsMs ?? 0) - (b.status.endsMs ?? 0),
  );
  const waiting = held.filter(({ status }) => status.state === "due" || status.state === "stopped");
  return (
    <>
      <PageHead
        title={
          held.length === 0
            ? t("nothingIsHeld")
            : waiting.length === 0
              ? `${held.length} ${held.length === 1 ? t("holdRuns") : t("holdsRun")}`
              : t("lengthOfLength2HoldsWantSomething", { length: waiting.length, length2: held.length })
        }
        asks={t("freezingCuresThawingLiveStorage")}
      >
        <a href="/api/holds.ics" download>
          {t("intoYourCalendarIcs")}
        </a>
      </PageHead>
      <SubNav views={ICE_VIEWS} here="/ice/holds" />
      {held.length === 0 ? (
        <section className={page.card}>
          <Empty>{t.rich("aHoldBeginsOnThePage", { link: (words) => <Link href="/ice">{words}</Link> })}</Empty>
        </section>
      ) : (
        <div className={page.split}>
          {held.map((one) => {
            const species = speciesOf(db(), one.lot.speciesId);
            return (
              <section key={one.id} className={page.card} aria-label={t("holdOfCode", { code: one.lot.code })}>
                <h2>
                  <Link href={`/ice/${one.lot.id}`}>
                    {species ? shortName(species) : one.lot.speciesId}{" "}
                    <span className="figure muted">{one.lot.code}</span>
                  </Link>
                </h2>
                <HoldLine held={one} />
              </section>
            );
          })}
        </div>
      )}
    </>
  );
}
