import type { Metadata } from "next";
import Link from "next/link";
import { summariseCuts } from "@/core/block";
import { inSentence, isCooked, shortName } from "@/core/species";
import { DAY_MS } from "@/core/units";
import { batchesToCook } from "@/db/block/batches";
import { db } from "@/db/connection";
import { openCooks } from "@/db/stove/cooks";
import { stockOnIce } from "@/db/lots/stock";
import { dayText, formatFor } from "@/ui/format/format";
import page from "@/ui/layout/page.module.css";
import { SubNav } from "@/ui/layout/SubNav";
import { RunningCooks } from "../RunningCooks";
import { requireHouse, requestTime } from "../request";
import { clockOf, speciesName } from "./clockOf";
import { STOVE_VIEWS } from "./subViews";
import { PageHead } from "@/ui/layout/PageHead";

export const metadata: Metadata = { title: "Stove" };

export default async function StovePage() {
  const nowMs = await requestTime();
  const house = requireHouse();
  const format = formatFor(house.units, house.currency);
  const batches = batchesToCook(db(), nowMs - 3 * DAY_MS);
  const running = openCooks(db());
  const first = batches[0];
  // shellfish, tails and arms go to the heat as they are; a fillet is cut at the block first
  const asTheyAre = stockOnIce(db(), nowMs).filter(
    ({ species, byProduct, life }) =>
      !byProduct && isCooked(species.group) && species.portion.shape !== "slab" && (life.cookDaysLeft ?? 1) > 0,
  );
  return (
    <>
      <PageHead
        title={first ? `Ready for the pan: ${inSentence(speciesName(first.speciesId))}` : "Nothing cut for the pan"}
        asks="Choose the piece; the ways to cook it and the plan are worked out at once."
      >
        <Link href="/stove/try">Plan any piece, without a lot</Link>
      </PageHead>
      <SubNav views={STOVE_VIEWS} here="/stove" />
      <div className={page.wideLeft}>
        <div className={page.stack}>
          <section className={page.card}>
            <h2>Batches waiting</h2>
            {batches.length === 0 ? (
              <p className={page.empty}>
                No portions are waiting. <Link href="/block">Cut a side at Block</Link>.
              </p>
            ) : (
              <ul className={page.rows}>
                {batches.map((batch) => {
                  const raw = batch.portions.filter(({ cookId }) => cookId === null);
                  const cuts = summariseCuts({ pieces: raw.map((piece) => ({ ...piece, role: "portion" as const })) });
                  return (
                    <li key={batch.id}>
                      <Link href={`/stove/${batch.id}`} className={page.row} data-batch={batch.code}>
                        <span className={page.grow}>
                          <span className={page.title}>{speciesName(batch.speciesId)}</span>{" "}
                          <span className={page.sub}>
                            <span className="figure">{batch.code}</span> · cut {dayText(batch.cutAtMs, house.timeZone)}{" "}
                            by {batch.cutBy}
                          </span>
                        </span>
                        <span className="figure">
                          {raw.length} × {format.mass(cuts?.meanG ?? 0)}
                        </span>
                        <span className={`figure ${page.narrow}`}>
                          {cuts ? `${format.length(cuts.thinnestMm)} – ${format.length(cuts.thickestMm)}` : ""}
                        </span>
                      </Link>
                    </li>
                  );
                })}
              </ul>
            )}
          </section>
          <section className={page.card}>
            <h2>On ice, cooked as they are</h2>
            {asTheyAre.length === 0 ? (
              <p className={page.empty}>No shellfish, tails or arms on ice.</p>
            ) : (
              <ul className={page.rows}>
                {asTheyAre.map(({ id, species, row }) => (
                  <li key={id}>
                    <Link href={`/stove/lot/${id}`} className={page.row} data-lot={row.code}>
                      <span className={page.grow}>
                        <span className={page.title}>{shortName(species)}</span>{" "}
                        <span className={page.sub}>
                          <span className="figure">{row.code}</span>
                          {row.partLabel ? ` · ${row.partLabel.toLowerCase()}` : ""}
                        </span>
                      </span>
                      <span className="figure">{format.mass(row.remainingG)}</span>
                    </Link>
                  </li>
                ))}
              </ul>
            )}
          </section>
        </div>
        <RunningCooks cooks={running.map(clockOf)} serverNowMs={nowMs} />
      </div>
    </>
  );
}
