import type { Metadata } from "next";
import { inSentence } from "@/core/species";
import Link from "next/link";
import { db } from "@/db/connection";
import { stockOnIce } from "@/db/stock";
import { formatFor, lifeText } from "@/ui/format";
import page from "@/ui/page.module.css";
import { requireHouse, requestTime } from "../request";
import { LotRow } from "./LotRow";
import { LotFilter } from "./LotFilter";

export const metadata: Metadata = { title: "Ice" };

export default async function IcePage({ searchParams }: { readonly searchParams: Promise<{ find?: string }> }) {
  const nowMs = await requestTime();
  const house = requireHouse();
  const format = formatFor(house.units);
  const all = stockOnIce(db(), nowMs);
  const wanted = ((await searchParams).find ?? "").trim().toLowerCase();
  const lots = all.filter(({ title, row }) => `${title} ${row.code} ${row.supplier}`.toLowerCase().includes(wanted));
  const first = all[0];
  const place = first?.place;
  return (
    <>
      <header className={page.head}>
        <div>
          <h1>{first ? `Use the ${inSentence(first.title)} first` : "Nothing on ice"}</h1>
          <p className={page.asks}>
            {first
              ? `${format.mass(first.massG)}, ${lifeText(first.life.daysLeft)} left in ${place?.name ?? "its place"} at ${format.temperature(first.life.placeC, 1)}. Least life at the top.`
              : "What you accept at the dock waits here."}
          </p>
        </div>
        <LotFilter value={wanted} />
      </header>
      <section className={page.card}>
        {all.length === 0 ? (
          <p className={page.empty}>
            The ice is empty. <Link href="/dock">Take in a delivery</Link>.
          </p>
        ) : lots.length === 0 ? (
          <p className={page.empty}>
            No lot on ice by “{wanted}”. <Link href="/ice">Show all {all.length}</Link>.
          </p>
        ) : (
          <ul className={page.rows}>
            {lots.map((lot) => (
              <li key={lot.id}>
                <LotRow lot={lot} format={format} />
              </li>
            ))}
          </ul>
        )}
      </section>
    </>
  );
}
