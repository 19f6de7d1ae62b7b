import { iceDaysPerDay, type LotLife } from "@/core/freshness";
import { dayText, type Format } from "@/words/format/format";
import page from "@/ui/layout/page.module.css";
import { t } from "@/words/ice";
import { say } from "@/words/say";
import { Source } from "@/ui/layout/Source";

const START_WORDS: Readonly<Record<LotLife["startFrom"], string>> = {
  inspection: t("asTheInspectionReadIt"),
  "catch-date": t("byTheCatchDateOlderThan"),
  parent: t("carriedOverFromTheLotIt"),
};

const MODEL_WORDS: Readonly<Record<LotLife["model"], string>> = {
  temperate: t("figure101TRatkowskyEt"),
  tropical: t("exp012TDalgaardAnd"),
  live: t("aliveItGoesByTheCalendar"),
};

type Props = { readonly life: LotLife; readonly format: Format; readonly timeZone: string };

/** The whole reckoning of a life, line by line. */
export function LifeArithmetic({ life, format, timeZone }: Props) {
  const days = (value: number) => `${format.number(value, 1)} d`;
  // nothing gone is not less than nothing
  const gone = (value: number) => (value < 0.05 ? days(0) : `−${days(value)}`);
  const live = life.model === "live";
  return (
    <details className={page.open} open>
      <summary>{t("howItIsWorkedOut")}</summary>
      <dl className={page.facts}>
        <dt>{live ? t("livesInStore") : t("keepsOnIce")}</dt>
        <dd className="figure">{days(life.lifeDays)}</dd>
        <dt>{t("goneWhenItCame")}</dt>
        <dd>
          <span className="figure">{gone(life.startIceDays)}</span>{" "}
          <span className="muted">{START_WORDS[life.startFrom]}</span>
        </dd>
        <dt>{t("usedInThisHouse")}</dt>
        <dd>
          <span className="figure">{gone(life.usedIceDays)}</span>{" "}
          <span className="muted">{live ? t("daysInStore") : t("iceDaysByTheReadingsOf")}</span>
        </dd>
        <dt>{live ? t("left") : t("leftOnIceAtTemperature", { temperature: format.temperature(0) })}</dt>
        <dd className="figure">{days(life.leftIceDays)}</dd>
        <dt>{t("rateInItsPlace")}</dt>
        <dd>
          <span className="figure">×{format.number(iceDaysPerDay(life), 2)}</span>{" "}
          <span className="muted">{life.state === "frozen" ? t("frozenItStandsStill") : MODEL_WORDS[life.model]}</span>
        </dd>
        {life.legalEnd ? (
          <>
            <dt>{t("lastDayByRule")}</dt>
            <dd>
              <span className="figure">{dayText(life.legalEnd.atMs - 1, timeZone)}</span>{" "}
              <span className="muted">
                {say(life.legalEnd.label, format)} ({life.legalEnd.source})
              </span>
            </dd>
          </>
        ) : null}
      </dl>
      <Source>{t("lifeOnIceHussFaoFisheries")}</Source>
    </details>
  );
}
