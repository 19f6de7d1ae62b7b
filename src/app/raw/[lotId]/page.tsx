import type { Metadata } from "next";
import Link from "next/link";
import { notFound, redirect } from "next/navigation";
import { startOfDayMs, todayIn } from "@/calendar/days";
import { boardAllergen, crossContacts } from "@/core/block";
import { ruleWords, type Clearance } from "@/core/raw";
import { inSentence } from "@/core/species";
import { allergensOf, namedAllergens } from "@/core/trace";
import { boardsSince, boardScheme } from "@/db/block/boards";
import { db } from "@/db/connection";
import { clearLot } from "@/db/raw/rawLots";
import { platesOfLot } from "@/db/raw/plates";
import { listOwnSpecies } from "@/db/house/species";
import { lotInHand } from "@/db/lots/stock";
import { dayText, formatFor, timeText, type Format } from "@/words/format/format";
import page from "@/ui/layout/page.module.css";
import { PageHead } from "@/ui/layout/PageHead";
import { PracticeLine } from "@/ui/layout/PracticeLine";
import { BoardStrip } from "../../block/BoardStrip";
import { requireHouse, requestTime } from "../../request";
import { ClearTag } from "../ClearTag";
import styles from "../Raw.module.css";
import { Checks } from "./Checks";
import { HalfShell } from "./HalfShell";
import { PlateBench } from "./PlateBench";
import { t } from "@/words/raw";
import { say } from "@/words/say";
import { Source } from "@/ui/layout/Source";

export const metadata: Metadata = { title: t("raw") };

export default async function RawLotPage({
  params,
  searchParams,
}: {
  readonly params: Promise<{ lotId: string }>;
  readonly searchParams: Promise<{ as?: string }>;
}) {
  const nowMs = await requestTime();
  const house = requireHouse();
  const format = formatFor(house.units, house.currency, house.decimalMark);
  const lot = lotInHand(db(), (await params).lotId, nowMs);
  if (!lot) notFound();
  if (lot.row.status !== "on-ice") redirect(`/book/lot/${lot.id}`);
  const asked = (await searchParams).as;
  const dish = asked === "cured" || (asked !== "raw" && lot.species.rawUse === "cured-only") ? "cured" : "raw";
  const { clearance, lacking } = clearLot(db(), lot, dish, nowMs);
  const { row, species } = lot;
  const when = (atMs: number) => `${dayText(atMs, house.timeZone)} ${timeText(atMs, house.timeZone)}`;
  const named = namedAllergens(house.ruleSetId, species, allergensOf(species, row.provenance));
  const colour = boardScheme(db())["raw-plates"];
  const allergen = boardAllergen(species);
  const day = boardsSince(db(), startOfDayMs(todayIn(house.timeZone, nowMs), house.timeZone), listOwnSpecies(db()));
  const served = platesOfLot(db(), lot.id);
  return (
    <>
      <PageHead
        title={
          <>
            {clearance.answer === "yes"
              ? t("theTitleMayGoRaw", { title: inSentence(lot.title) })
              : t("theTitleValue", {
                  title: inSentence(lot.title),
                  value: clearance.answer === "no" ? t("notRaw2") : t("notYet2"),
                })}{" "}
            <span className="figure muted">{row.code}</span>
          </>
        }
        asks={
          <span data-testid="headline">
            {say(clearance.headline, format)}
            {clearance.answer === "yes" && clearance.untilMs !== null
              ? t("untilUntil", { until: when(clearance.untilMs) })
              : ""}
            {clearance.answer === "not-yet" && clearance.fromMs !== null
              ? t("fromFrom", { from: when(clearance.fromMs) })
              : ""}
            .
          </span>
        }
      >
        <nav className={page.line} aria-label={t("fromThisLot")}>
          {dish === "raw" ? (
            <Link href={`/raw/${row.id}?as=cured`}>{t("curedInstead")}</Link>
          ) : (
            <Link href={`/raw/${row.id}?as=raw`}>{t("plainInstead")}</Link>
          )}
          <Link href={`/ice/${row.id}`}>{t("theLot")}</Link>
        </nav>
      </PageHead>
      {clearance.answer === "yes" ? (
        <BoardStrip
          colour={colour}
          allergen={allergen}
          contacts={crossContacts(day.work, day.washes, { colour, allergen, atMs: nowMs })}
        />
      ) : null}
      <div className={page.wideLeft}>
        <div className={page.stack}>
          <section className={page.card} aria-label={t("clearance")}>
            <p className={page.below}>
              <ClearTag answer={clearance.answer} /> <span className="muted">{ruleWords(clearance.rule)}</span>
            </p>
            <Checks
              lotId={row.id}
              checks={clearance.checks}
              remedies={{
                ruleSetId: house.ruleSetId,
                production: row.production,
                roe: species.group === "roe",
                scallop: species.anatomy === "scallop",
                canFreeze: row.state !== "frozen" && species.group !== "bivalve",
                lacking,
              }}
            />
          </section>
          {clearance.answer !== "no" && row.state === "live" ? (
            <HalfShell
              lotId={row.id}
              leftG={row.remainingG}
              cleared={clearance.answer === "yes"}
              opensOnPlate={["oyster", "clam", "urchin"].includes(species.anatomy)}
            />
          ) : null}
          {clearance.answer !== "no" && row.state !== "live" ? (
            <PlateBench
              lotId={row.id}
              species={species}
              leftG={row.remainingG}
              dish={dish}
              cleared={clearance.answer === "yes"}
            />
          ) : null}
        </div>
        <div className={page.stack}>
          <MenuCard advisory={clearance.advisory} named={named} format={format} />
          <section className={page.card}>
            <h2>{t("whatProvesIt")}</h2>
            <p data-testid="record">{say(clearance.record, format)}.</p>
            <p>
              <Link href={`/book/lot/${row.id}`}>{t("theRecordOfThisLotIn")}</Link>
            </p>
            {served.length > 0 ? (
              <ul className={page.rows}>
                {served.map((plate) => (
                  <li key={plate.id}>
                    <div className={page.row}>
                      {t.rich("coversPlatesOfGramsPerCoverDish", {
                        covers: plate.covers,
                        gramsPerCover: format.mass(plate.gramsPerCover),
                        dish: plate.dish,
                        span: (words) => <span className={page.grow}>{words}</span>,
                        at: when(plate.atMs),
                        span2: (words) => <span className="figure">{words}</span>,
                      })}
                    </div>
                  </li>
                ))}
              </ul>
            ) : null}
          </section>
          <section className={page.card}>
            <h2>{t("whatStays")}</h2>
            <ul className={page.bullets}>
              {clearance.risks.map(({ id, text }) => (
                <li key={id} data-risk={id}>
                  {say(text, format)}
                </li>
              ))}
            </ul>
          </section>
        </div>
      </div>
    </>
  );
}

type MenuProps = {
  readonly advisory: Clearance["advisory"];
  readonly named: ReturnType<typeof namedAllergens>;
  readonly format: Format;
};

/** What the menu has to say of a raw plate. */
function MenuCard({ advisory, named, format }: MenuProps) {
  return (
    <section className={page.card}>
      <h2>{t("forTheMenu")}</h2>
      <div className={styles.advisory}>
        <p>{say(advisory.disclosure, format)}</p>
        <p data-testid="advisory">{say(advisory.reminder, format)}</p>
      </div>
      {named.words.length > 0 ? (
        <p>{t("allergensToNameWordsNotice", { words: named.words.join(", "), notice: named.notice })}</p>
      ) : null}
      <PracticeLine id="hands" />
      <Source>{advisory.source}</Source>
    </section>
  );
}
