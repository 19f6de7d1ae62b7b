import type { Metadata } from "next";
import Link from "next/link";
import { notFound } from "next/navigation";
import { keyOfSaid } from "@/core/shared";
import { breakdownsFor } from "@/core/block";
import { isReadyToEat, lifeSegments } from "@/core/freshness";
import { adviceFor, completeness } from "@/core/trace";
import { todayIn } from "@/calendar/days";
import { adviceOnSpecies } from "@/db/house/advice";
import { db } from "@/db/connection";
import { filesOfLot } from "@/db/lots/files";
import { holdsOfLot, liveHolds } from "@/db/lots/holds";
import { childLots, findLot } from "@/db/lots/lots";
import { listPlaces } from "@/db/house/places";
import { parasitesOf } from "@/db/raw/rawLots";
import { lotInHand } from "@/db/lots/stock";
import { dayText, formatFor, lifeText, timeText } from "@/words/format/format";
import { IceBar } from "@/ui/charts/IceBar";
import page from "@/ui/layout/page.module.css";
import { VerdictTag } from "@/ui/layout/VerdictTag";
import { requireHouse, requestTime } from "../../request";
import { usableAs, usesLeft } from "../usableAs";
import { CareCard } from "./CareCard";
import { HoldCard } from "./HoldCard";
import { LifeArithmetic } from "./LifeArithmetic";
import { LotWork } from "./LotWork";
import { Papers } from "./Papers";
import { ProvenanceCard } from "./ProvenanceCard";
import { PageHead } from "@/ui/layout/PageHead";
import { t } from "@/words/ice";
import { say } from "@/words/say";
import { Source } from "@/ui/layout/Source";

export const metadata: Metadata = { title: t("lot") };

export default async function LotPage({ params }: { readonly params: Promise<{ lotId: string }> }) {
  const nowMs = await requestTime();
  const house = requireHouse();
  const format = formatFor(house.units, house.currency, house.decimalMark);
  const lot = lotInHand(db(), (await params).lotId, nowMs);
  if (!lot) notFound();
  const { row, species, life } = lot;
  const onIce = row.status === "on-ice";
  const parent = row.parentId ? findLot(db(), row.parentId) : undefined;
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
              ? t("usableRemainingOfMassLeft", {
                  usable: usableAs(life, row.form),
                  remaining: format.mass(row.remainingG),
                  mass: format.mass(row.massG),
                })
              : null}
            {row.status === "refused" ? t("refusedAtTheDoorAndKept") : null}
            {row.status === "finished" ? t("offTheIce") : null}
          </>
        }
      >
        <nav className={page.line} aria-label={t("fromThisLot")}>
          <Link href={`/book/lot/${row.id}`}>{t("whereItWent")}</Link>
          {onIce && life.state !== "frozen" && breakdownsFor(species, row.form).length > 0 ? (
            <Link href={`/block/${row.id}/apart`}>{t("breakItDown")}</Link>
          ) : null}
          {onIce && lot.cuttable ? <Link href={`/block/${row.id}`}>{t("cutItAtBlock")}</Link> : null}
          {onIce && species.rawUse !== "none" && !(lot.byProduct && row.partUse !== "raw") ? (
            <Link href={`/raw/${row.id}`}>{t("mayItGoRaw")}</Link>
          ) : null}
          {onIce && life.use !== "over" && !lot.byProduct ? (
            <Link href={`/cards/write?lot=${row.id}`}>{t("aSpecialFromIt")}</Link>
          ) : null}
        </nav>
      </PageHead>
      <div className={page.wideLeft}>
        <div className={page.stack}>
          {onIce ? (
            <section className={page.card}>
              <h2>{t("whatIsLeftOfIt")}</h2>
              <p>
                <span className={page.big} data-testid="days-left">
                  {life.state === "frozen" ? format.temperature(life.placeC, 1) : lifeText(life.daysLeft)}
                </span>{" "}
                {life.state === "frozen" ? "" : t("atPlace", { place: format.temperature(life.placeC, 1) })}
                {usesLeft(life, lot.rawAllowed, isReadyToEat(row.form), format)}.
              </p>
              <div className={page.around}>
                <IceBar segments={lifeSegments(life, lot.rawAllowed)} text={t("lifeOfTheLot")} />
              </div>
              <LifeArithmetic life={life} format={format} timeZone={house.timeZone} />
            </section>
          ) : null}
          {holds.length > 0 || kinds.length > 0 ? <HoldCard lotId={row.id} holds={holds} kinds={kinds} /> : null}
          <section className={page.card}>
            <h2>{t("atTheDoor")}</h2>
            <VerdictTag verdict={row.verdict} />
            <ul>
              {row.reasons.map(({ text, source }) => (
                <li key={keyOfSaid(text)}>
                  {say(text, format)} <Source inline>({source})</Source>
                </li>
              ))}
            </ul>
            <p className="muted">
              {t("receivedByReceivedAtReceivedAt2", {
                receivedBy: row.receivedBy,
                receivedAt: dayText(row.receivedAtMs, house.timeZone),
                receivedAt2: timeText(row.receivedAtMs, house.timeZone),
                receipt: format.temperature(row.receiptC, 1),
              })}
              {provenance.deaths
                ? t("deadDeadOfCountedLookedAt", { dead: provenance.deaths.dead, counted: provenance.deaths.counted })
                : null}
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
              freezing={holds.some(
                ({ hold, status, closedAtMs }) =>
                  hold.kind === "parasite" && closedAtMs === null && status.state !== "done",
              )}
              canOpen={isReadyToEat(row.form) && row.openedOn === null}
            />
          ) : null}
          <ProvenanceCard
            lot={lot}
            parent={parent}
            parts={childLots(db(), row.id)}
            papers={papers}
            advice={advice}
            house={house}
          />
          <CareCard lot={lot} parasites={parasites} house={house} />
        </div>
      </div>
    </>
  );
}
