import type { Metadata } from "next";
import Link from "next/link";
import { RULE_SETS } from "@/core/safety";
import { inSentence } from "@/core/species";
import { DAY_MS } from "@/core/units";
import { db } from "@/db/connection";
import { clearLot, type RawLot } from "@/db/raw/rawLots";
import { platesSince } from "@/db/raw/plates";
import { stockOnIce } from "@/db/lots/stock";
import { dayText, formatFor, timeText } from "@/words/format/format";
import page from "@/ui/layout/page.module.css";
import { SubNav } from "@/ui/layout/SubNav";
import { requireHouse, requestTime } from "../request";
import { speciesName } from "../stove/clockOf";
import { ClearTag } from "./ClearTag";
import { GuestsSwitch } from "./GuestsSwitch";
import styles from "./Raw.module.css";
import { RAW_VIEWS } from "./subViews";
import { PageHead } from "@/ui/layout/PageHead";
import { t } from "@/words/raw";
import { say } from "@/words/say";
import { Empty } from "@/ui/layout/Empty";

export const metadata: Metadata = { title: t("raw") };

const RANK = { yes: 0, "not-yet": 1, no: 2 } as const;

export default async function RawPage() {
  const nowMs = await requestTime();
  const house = requireHouse();
  const format = formatFor(house.units, house.currency, house.decimalMark);
  const when = (atMs: number) => `${dayText(atMs, house.timeZone)} ${timeText(atMs, house.timeZone)}`;
  const judged = stockOnIce(db(), nowMs)
    .filter(({ species, row, byProduct }) => species.rawUse !== "none" && (!byProduct || row.partUse === "raw"))
    .map((lot) => clearLot(db(), lot, lot.species.rawUse === "cured-only" ? "cured" : "raw", nowMs))
    .sort(
      (a, b) =>
        RANK[a.clearance.answer] - RANK[b.clearance.answer] ||
        (a.clearance.untilMs ?? Infinity) - (b.clearance.untilMs ?? Infinity),
    );
  const ready = judged.filter(({ clearance }) => clearance.answer === "yes");
  const rest = judged.filter(({ clearance }) => clearance.answer !== "yes");
  const served = platesSince(db(), nowMs - DAY_MS);
  return (
    <>
      <PageHead
        title={
          ready[0] ? t("theTitleMayGoRawFirst", { title: inSentence(ready[0].lot.title) }) : t("nothingOnTheIceMayGo")
        }
        asks={
          <>
            {t("editionARuleMetIsWritten", {
              edition: judged[0] ? judged[0].clearance.rule.edition : t("theParasiteRuleOfTheHouse"),
            })}
          </>
        }
      />
      <SubNav views={RAW_VIEWS} here="/raw" />
      <div className={page.stack}>
        <section className={page.card}>
          <h2>{t("mayBeServedRawNow")}</h2>
          {ready.length === 0 ? (
            <Empty>{t("noLotHasEverythingYetSee")}</Empty>
          ) : (
            <Rows judged={ready} format={format} when={when} />
          )}
        </section>
        <section className={page.card}>
          <h2>{t("whatIsMissingForTheOthers")}</h2>
          {rest.length === 0 ? (
            <Empty>{t.rich("nothingElseOnIceIsFor", { link: (words) => <Link href="/dock">{words}</Link> })}</Empty>
          ) : (
            <Rows judged={rest} format={format} when={when} />
          )}
        </section>
        <GuestsSwitch susceptible={house.susceptibleGuests} {...RULE_SETS[house.ruleSetId].susceptible} />
        {served.length > 0 ? (
          <section className={page.card}>
            <h2>{t("servedSinceYesterday")}</h2>
            <ul className={page.rows}>
              {served.map((plate) => (
                <li key={plate.id}>
                  <Link href={`/book/lot/${plate.lotId}`} className={page.row}>
                    <span className={page.grow}>
                      <span className={page.title}>{speciesName(plate.speciesId)}</span>{" "}
                      <span className={`${page.sub} figure`}>{plate.code}</span>
                      <br />
                      <span className={page.sub}>{plate.rule}</span>
                    </span>
                    <span className="figure">
                      {plate.covers} × {format.mass(plate.gramsPerCover)}
                    </span>
                    <span className="figure">{when(plate.atMs)}</span>
                  </Link>
                </li>
              ))}
            </ul>
          </section>
        ) : null}
      </div>
    </>
  );
}

type RowsProps = {
  readonly judged: readonly RawLot[];
  readonly format: ReturnType<typeof formatFor>;
  readonly when: (atMs: number) => string;
};

function Rows({ judged, format, when }: RowsProps) {
  return (
    <ul className={page.rows}>
      {judged.map(({ lot, clearance }) => {
        const { answer, standsInTheWay, exemption, untilMs, fromMs } = clearance;
        const reason =
          answer === "yes"
            ? exemption
              ? t("exemptExemption", { exemption: say(exemption, format) })
              : say(clearance.record, format)
            : say(standsInTheWay ?? clearance.headline, format);
        return (
          <li key={lot.id}>
            <Link href={`/raw/${lot.id}`} className={styles.row} data-raw={lot.row.code} data-answer={answer}>
              <ClearTag answer={answer} />
              <span>
                <span className={page.title}>{lot.title}</span>{" "}
                <span className={`${page.sub} figure`}>{lot.row.code}</span>
                <br />
                <span className={page.sub}>{say(reason, format)}</span>
              </span>
              <span className={`figure ${page.right}`}>{format.mass(lot.massG)}</span>
              <span className={styles.when}>
                {answer === "yes" && untilMs !== null ? t("toUntil", { until: when(untilMs) }) : null}
                {answer === "not-yet" && fromMs !== null ? t("fromFrom2", { from: when(fromMs) }) : null}
              </span>
            </Link>
          </li>
        );
      })}
    </ul>
  );
}
