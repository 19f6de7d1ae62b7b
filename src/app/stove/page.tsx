import type { Metadata } from "next";
import Link from "next/link";
import { summariseCuts } from "@/core/block";
import { inSentence, isCooked, shortName } from "@/core/species";
import { DAY_MS } from "@/core/units";
import { batchesToCook } from "@/db/block/batches";
import { db } from "@/db/connection";
import { openCooks } from "@/db/stove/cooks";
import { stockOnIce } from "@/db/lots/stock";
import { dayText, formatFor } from "@/words/format/format";
import page from "@/ui/layout/page.module.css";
import { SubNav } from "@/ui/layout/SubNav";
import { RunningCooks } from "../shell/RunningCooks";
import { requireHouse, requestTime } from "../request";
import { clockOf, speciesName } from "./clockOf";
import { STOVE_VIEWS } from "./subViews";
import { PageHead } from "@/ui/layout/PageHead";
import { t } from "@/words/stove";
import { Empty } from "@/ui/layout/Empty";

export const metadata: Metadata = { title: t("stove") };

export default async function StovePage() {
  const nowMs = await requestTime();
  const house = requireHouse();
  const format = formatFor(house.units, house.currency, house.decimalMark);
  const batches = batchesToCook(db(), nowMs - 3 * DAY_MS);
  const running = openCooks(db());
  const first = batches[0];
  // shellfish, tails and arms go to the heat as they are; a fillet is cut at the block first
  const asTheyAre = stockOnIce(db(), nowMs).filter(
    ({ species, byProduct, life }) =>
      !byProduct && isCooked(species.group) && species.portion.shape !== "slab" && life.use !== "over",
  );
  return (
    <>
      <PageHead
        title={
          first
            ? t("readyForThePanSpeciesId", { speciesId: inSentence(speciesName(first.speciesId)) })
            : t("nothingCutForThePan")
        }
        asks={t("chooseThePieceTheWaysTo")}
      >
        <Link href="/stove/try">{t("planAnyPieceWithoutALot")}</Link>
      </PageHead>
      <SubNav views={STOVE_VIEWS} here="/stove" />
      <div className={page.wideLeft}>
        <div className={page.stack}>
          <section className={page.card}>
            <h2>{t("batchesWaiting")}</h2>
            {batches.length === 0 ? (
              <Empty>
                {t.rich("noPortionsAreWaitingCutA", { link: (words) => <Link href="/block">{words}</Link> })}
              </Empty>
            ) : (
              <ul className={page.rows}>
                {batches.map((batch) => {
                  const raw = batch.portions.filter(({ cookId }) => cookId === null);
                  const cuts = summariseCuts({ pieces: raw.map((piece) => ({ ...piece, role: "portion" as const })) });
                  return (
                    <li key={batch.id}>
                      <Link href={`/stove/${batch.id}`} className={page.row} data-batch={batch.code}>
                        <span className={page.grow}>
                          {t.rich("speciesIdCodeCutCutAtByCutBy", {
                            speciesId: speciesName(batch.speciesId),
                            span: (words) => <span className={page.title}>{words}</span>,
                            code: batch.code,
                            span3: (words) => <span className="figure">{words}</span>,
                            cutAt: dayText(batch.cutAtMs, house.timeZone),
                            cutBy: batch.cutBy,
                            span2: (words) => <span className={page.sub}>{words}</span>,
                          })}
                        </span>
                        <span className="figure">
                          {raw.length} × {format.mass(cuts?.meanG ?? 0)}
                        </span>
                        <span className={`figure ${page.range}`}>
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
            <h2>{t("onIceCookedAsTheyAre")}</h2>
            {asTheyAre.length === 0 ? (
              <Empty>{t("noShellfishTailsOrArmsOn")}</Empty>
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
