import type { Metadata } from "next";
import { inSentence, isFinfish } from "@/core/species";
import Link from "next/link";
import { DAY_MS } from "@/core/units";
import { batchesToCook } from "@/db/batches";
import { db } from "@/db/connection";
import { stockOnIce } from "@/db/stock";
import { formatFor, lifeText } from "@/ui/format";
import page from "@/ui/page.module.css";
import { requireHouse, requestTime } from "../request";
import { speciesName } from "../stove/clockOf";

export const metadata: Metadata = { title: "Block" };

export default async function BlockPage() {
  const nowMs = await requestTime();
  const house = requireHouse();
  const format = formatFor(house.units);
  const lots = stockOnIce(db(), nowMs).filter(
    ({ life, species }) => life.use !== "over" && life.state !== "frozen" && isFinfish(species.group),
  );
  const batches = batchesToCook(db(), nowMs - 3 * DAY_MS);
  const first = lots[0];
  return (
    <>
      <header className={page.head}>
        <div>
          <h1>{first ? `Cut the ${inSentence(first.title)} next` : "Nothing to cut"}</h1>
          <p className={page.asks}>Choose a lot; measure one side; the knife lines follow.</p>
        </div>
      </header>
      <div className={page.wideLeft}>
        <section className={page.card}>
          <h2>On ice, what to use first at the top</h2>
          {lots.length === 0 ? (
            <p className={page.empty}>
              Nothing on ice. <Link href="/dock">Take in a delivery</Link>.
            </p>
          ) : (
            <ul className={page.rows}>
              {lots.map((lot) => (
                <li key={lot.id}>
                  <Link href={`/block/${lot.id}`} className={page.row} data-lot={lot.row.code}>
                    <span className="figure" style={{ width: 78 }}>
                      {lot.row.code}
                    </span>
                    <span className={page.grow}>
                      <span className={page.title}>{lot.title}</span>{" "}
                      <span className={page.sub}>{lot.row.supplier}</span>
                    </span>
                    <span className="figure">{format.mass(lot.massG)}</span>
                    <span className="figure" style={{ width: 72, textAlign: "right" }}>
                      {lifeText(lot.life.daysLeft)}
                    </span>
                  </Link>
                </li>
              ))}
            </ul>
          )}
        </section>
        <section className={page.card}>
          <h2>Cut and waiting</h2>
          {batches.length === 0 ? (
            <p className={page.empty}>No portions waiting for the pan.</p>
          ) : (
            <ul className={page.rows}>
              {batches.map((batch) => (
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
                  </Link>
                </li>
              ))}
            </ul>
          )}
        </section>
      </div>
    </>
  );
}
