import type { Metadata } from "next";
import Link from "next/link";
import { notFound } from "next/navigation";
import { breakdownsFor, edibleCost, PART_USES } from "@/core/block";
import { formLabel, isReadyToEat, lifeSegments, liveStorageOf } from "@/core/freshness";
import { adviceFor, allergensOf, completeness, namedAllergens } from "@/core/trace";
import { todayIn } from "@/calendar/days";
import { adviceOnSpecies } from "@/db/house/advice";
import { db } from "@/db/connection";
import { filesOfLot } from "@/db/lots/files";
import { holdsOfLot, liveHolds } from "@/db/lots/holds";
import { childLots, findLot } from "@/db/lots/lots";
import { listPlaces } from "@/db/house/places";
import { parasitesOf } from "@/db/raw/rawLots";
import { lotInHand } from "@/db/lots/stock";
import { AdviceTag } from "@/ui/layout/AdviceTag";
import { dayText, formatFor, lifeText, timeText } from "@/ui/format/format";
import { IceBar } from "@/ui/charts/IceBar";
import page from "@/ui/layout/page.module.css";
import { PracticeLine } from "@/ui/layout/PracticeLine";
import { VerdictTag } from "@/ui/layout/VerdictTag";
import { requireHouse, requestTime } from "../../request";
import { usableAs, usesLeft } from "../usableAs";
import { HoldCard } from "./HoldCard";
import { LifeArithmetic } from "./LifeArithmetic";
import { LotWork } from "./LotWork";
import { Papers } from "./Papers";
import { PageHead } from "@/ui/layout/PageHead";

export const metadata: Metadata = { title: "Lot" };

export default async function LotPage({ params }: { readonly params: Promise<{ lotId: string }> }) {
  const nowMs = await requestTime();
  const house = requireHouse();
  const format = formatFor(house.units, house.currency);
  const lot = lotInHand(db(), (await params).lotId, nowMs);
  if (!lot) notFound();
  const { row, species, life } = lot;
  const onIce = row.status === "on-ice";
  const parent = row.parentId ? findLot(db(), row.parentId) : undefined;
  const children = childLots(db(), row.id);
  const advice = adviceFor(adviceOnSpecies(db(), species.id), row);
  const caughtOn = row.caughtAtMs === null ? null : todayIn(house.timeZone, row.caughtAtMs);
  const papers = completeness(house.ruleSetId, { ...row, species, caughtOn, frozen: row.onceFrozen });
  const { provenance } = row;
  const parasites = parasitesOf(db(), lot, nowMs);
  const mayFreeze = parasites.check.state !== "met" || parasites.frozen;
  const shellfish = species.group === "bivalve";
  const kinds = [
    ...(onIce && mayFreeze ? (["parasite"] as const) : []),
    ...(onIce && life.state !== "live" && life.state !== "frozen" && !isReadyToEat(row.form)
      ? (["cure"] as const)
      : []),
    ...(onIce && (life.state === "frozen" || life.state === "thawed") ? (["thaw"] as const) : []),
    ...(shellfish ? (["tag"] as const) : []),
  ];
  const holds = [...holdsOfLot(db(), row.id, nowMs), ...(onIce ? liveHolds([lot], nowMs) : [])];
  const cost = edibleCost(species, row.form, row.priceCentsPerKg);
  const store = liveStorageOf(species);
  const allergens = namedAllergens(house.ruleSetId, species, allergensOf(species, provenance));
  return (
    <>
      <PageHead
        title={
          <>
            {lot.title} <span className="figure muted">{row.code}</span>
          </>
        }
        asks={
          <>
            {onIce
              ? `${usableAs(life, row.form)}. ${format.mass(row.remainingG)} of ${format.mass(row.massG)} left.`
              : null}
            {row.status === "refused" ? "Refused at the door and kept on record." : null}
            {row.status === "finished" ? "Off the ice." : null}
          </>
        }
      >
        <nav className={page.line} aria-label="From this lot">
          <Link href={`/book/lot/${row.id}`}>Where it went</Link>
          {onIce && life.state !== "frozen" && breakdownsFor(species, row.form).length > 0 ? (
            <Link href={`/block/${row.id}/apart`}>Break it down</Link>
          ) : null}
          {onIce && lot.cuttable ? <Link href={`/block/${row.id}`}>Cut it at Block</Link> : null}
          {onIce && species.rawUse !== "none" && !(lot.byProduct && row.partUse !== "raw") ? (
            <Link href={`/raw/${row.id}`}>May it go raw?</Link>
          ) : null}
        </nav>
      </PageHead>
      <div className={page.wideLeft}>
        <div className={page.stack}>
          {onIce ? (
            <section className={page.card}>
              <h2>What is left of it</h2>
              <p>
                <span className={page.big} data-testid="days-left">
                  {life.state === "frozen" ? format.temperature(life.placeC, 1) : lifeText(life.daysLeft)}
                </span>{" "}
                {life.state === "frozen" ? "" : `at ${format.temperature(life.placeC, 1)}: `}
                {usesLeft(life, lot.rawAllowed, isReadyToEat(row.form))}.
              </p>
              <div className={page.around}>
                <IceBar segments={lifeSegments(life, lot.rawAllowed)} text="Life of the lot" />
              </div>
              <LifeArithmetic life={life} format={format} timeZone={house.timeZone} />
            </section>
          ) : null}
          {holds.length > 0 || kinds.length > 0 ? <HoldCard lotId={row.id} holds={holds} kinds={kinds} /> : null}
          <section className={page.card}>
            <h2>At the door</h2>
            <VerdictTag verdict={row.verdict} />
            <ul>
              {row.reasons.map(({ text, source }) => (
                <li key={text}>
                  {format.words(text)} <span className={page.source}>({source})</span>
                </li>
              ))}
            </ul>
            <p className="muted">
              {row.receivedBy}, {dayText(row.receivedAtMs, house.timeZone)} {timeText(row.receivedAtMs, house.timeZone)}
              , probe {format.temperature(row.receiptC, 1)}.
              {provenance.deaths ? ` ${provenance.deaths.dead} dead of ${provenance.deaths.counted} looked at.` : null}
            </p>
          </section>
          <Papers lotId={row.id} files={filesOfLot(db(), row.id)} />
        </div>
        <div className={page.stack}>
          {onIce ? (
            <LotWork
              lotId={row.id}
              group={species.group}
              form={row.form}
              leftG={row.remainingG}
              priceCentsPerKg={row.priceCentsPerKg}
              placeId={row.placeId}
              places={listPlaces(db()).map(({ id, name, kind }) => ({ id, name, kind }))}
              canOpen={isReadyToEat(row.form) && row.openedOn === null}
            />
          ) : null}
          <section className={page.card}>
            <h2>Provenance</h2>
            <dl className={page.facts}>
              <dt>Species</dt>
              <dd>
                <i>{species.scientificName}</i> {species.faoCode}
              </dd>
              <dt>{parent ? "Cut as" : "Came as"}</dt>
              <dd>
                {row.partLabel ?? formLabel(row.form)}
                {row.partUse ? `, for ${PART_USES[row.partUse].toLowerCase()}` : null}
              </dd>
              <dt>Supplier</dt>
              <dd>{row.supplier}</dd>
              <dt>Boat or farm</dt>
              <dd>{row.source}</dd>
              <dt>Production</dt>
              <dd>
                {row.production}
                {provenance.byCatch === undefined ? "" : provenance.byCatch ? ", by-catch" : ", target"}
              </dd>
              <dt>Area</dt>
              <dd>{[row.area, provenance.subArea].filter(Boolean).join(", ")}</dd>
              <dt>Gear</dt>
              <dd>{row.gear}</dd>
              <dt>Caught</dt>
              <dd>{row.caughtAtMs === null ? "not stated" : dayText(row.caughtAtMs, house.timeZone)}</dd>
              {provenance.landingPlace ? (
                <>
                  <dt>Landed</dt>
                  <dd>{provenance.landingPlace}</dd>
                </>
              ) : null}
              {provenance.supplierLot ? (
                <>
                  <dt>Supplier’s lot</dt>
                  <dd className="figure">{provenance.supplierLot}</dd>
                </>
              ) : null}
              {provenance.tag ? (
                <>
                  <dt>Tag</dt>
                  <dd>
                    <span className="figure">{provenance.tag.certificate}</span> {provenance.tag.dealer}{" "}
                    {provenance.tag.harvestedOn}
                  </dd>
                </>
              ) : null}
              <dt>Price</dt>
              <dd>
                {format.money(row.priceCentsPerKg)} a kilo
                {cost ? `, ${format.money(cost.centsPerEdibleKg)} an edible kilo` : null}
              </dd>
              <dt>Place</dt>
              <dd>{lot.place?.name ?? "none"}</dd>
              {parent ? (
                <>
                  <dt>Taken from</dt>
                  <dd>
                    <Link href={`/ice/${parent.id}`} className="figure">
                      {parent.code}
                    </Link>
                  </dd>
                </>
              ) : null}
              {children.length > 0 ? (
                <>
                  <dt>Parts</dt>
                  <dd>
                    {children.map((child) => (
                      <Link key={child.id} href={`/ice/${child.id}`} className={`figure ${page.apart}`}>
                        {child.code}
                      </Link>
                    ))}
                  </dd>
                </>
              ) : null}
            </dl>
            <p className={`${page.source} ${page.above}`} data-testid="papers">
              Papers {papers.known} of {papers.wanted}
              {papers.missing.length > 0
                ? `; missing: ${papers.missing.map(({ label }) => label.toLowerCase()).join(", ")}`
                : ", complete"}
              .
            </p>
            {advice ? <AdviceTag {...advice} /> : null}
          </section>
          <section className={page.card}>
            <h2>Care</h2>
            {isReadyToEat(row.form) ? null : (
              <p data-testid="raw-need">
                {parasites.check.state === "met"
                  ? `Parasite rule: ${format.words(parasites.check.text)}; keep ${parasites.record}. Other risks of raw and under-cooked fish stay.`
                  : `Raw, cured or under-cooked only once the parasite rule is met: ${format.words(parasites.check.text)}.`}{" "}
                <span className={page.source}>{parasites.check.source}</span>
              </p>
            )}
            {row.state === "live" ? (
              <p>
                Keep at {format.temperature(store.minC)} to {format.temperature(store.maxC)}, {store.how}; never fresh
                water, never airtight.{" "}
                {onIce && (life.placeC < store.minC - 0.5 || life.placeC > store.maxC + 0.5) ? (
                  <b className={page.stop}>Its place is at {format.temperature(life.placeC, 1)}: move it.</b>
                ) : null}{" "}
                <span className={page.source}>{store.source}</span>
              </p>
            ) : null}
            {species.histamineFormer === "no" ? null : (
              <p>Histamine former: cold from boat to plate, heat will not undo it.</p>
            )}
            {row.state === "live" && species.group === "bivalve" ? <PracticeLine id="purging" /> : null}
            {isReadyToEat(row.form) || row.state === "live" ? null : <PracticeLine id="reduced-oxygen" />}
            {allergens.words.length > 0 ? (
              <p>
                Allergens to name: {allergens.words.join(", ")}; {allergens.notice}.{" "}
                <span className={page.source}>{allergens.source}</span>
              </p>
            ) : null}
          </section>
        </div>
      </div>
    </>
  );
}
