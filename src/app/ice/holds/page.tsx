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

export const metadata: Metadata = { title: "Holds" };

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
            ? "Nothing is held"
            : waiting.length === 0
              ? `${held.length} ${held.length === 1 ? "hold runs" : "holds run"}`
              : `${waiting.length} of ${held.length} holds want something`
        }
        asks="Freezing, cures, thawing, live storage and tags: what each still needs and when it ends."
      >
        <a href="/api/holds.ics" download>
          Into your calendar (.ics)
        </a>
      </PageHead>
      <SubNav views={ICE_VIEWS} here="/ice/holds" />
      {held.length === 0 ? (
        <section className={page.card}>
          <p className={page.empty}>
            A hold begins on the page of its lot. <Link href="/ice">To the lots</Link>.
          </p>
        </section>
      ) : (
        <div className={page.split}>
          {held.map((one) => {
            const species = speciesOf(db(), one.lot.speciesId);
            return (
              <section key={one.id} className={page.card} aria-label={`Hold of ${one.lot.code}`}>
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
