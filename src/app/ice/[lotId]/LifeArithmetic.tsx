import { iceDaysPerDay, type LotLife } from "@/core/freshness";
import { dayText, type Format } from "@/ui/format/format";
import page from "@/ui/layout/page.module.css";

const START_WORDS: Readonly<Record<LotLife["startFrom"], string>> = {
  inspection: "as the inspection read it",
  "catch-date": "by the catch date, older than it read",
  parent: "carried over from the lot it was taken from",
};

const MODEL_WORDS: Readonly<Record<LotLife["model"], string>> = {
  temperate: "(1 + 0.1 T)², Ratkowsky et al. 1982 (from memory)",
  tropical: "exp(0.12 T), Dalgaard and Huss 1997 (from memory)",
  live: "alive it goes by the calendar (common practice)",
};

type Props = { readonly life: LotLife; readonly format: Format; readonly timeZone: string };

/** The whole reckoning of a life, line by line. */
export function LifeArithmetic({ life, format, timeZone }: Props) {
  const days = (value: number) => `${value.toFixed(1)} d`;
  const live = life.model === "live";
  return (
    <details className={page.open} open>
      <summary>How it is worked out</summary>
      <dl className={page.facts}>
        <dt>{live ? "Lives in store" : "Keeps on ice"}</dt>
        <dd className="figure">{days(life.lifeDays)}</dd>
        <dt>Gone when it came</dt>
        <dd>
          <span className="figure">−{days(life.startIceDays)}</span>{" "}
          <span className="muted">{START_WORDS[life.startFrom]}</span>
        </dd>
        <dt>Used in this house</dt>
        <dd>
          <span className="figure">−{days(life.usedIceDays)}</span>{" "}
          <span className="muted">{live ? "days in store" : "ice days, by the readings of where it lay"}</span>
        </dd>
        <dt>{live ? "Left" : `Left on ice at ${format.temperature(0)}`}</dt>
        <dd className="figure">{days(life.leftIceDays)}</dd>
        <dt>Rate in its place</dt>
        <dd>
          <span className="figure">×{iceDaysPerDay(life).toFixed(2)}</span>{" "}
          <span className="muted">{life.state === "frozen" ? "frozen: it stands still" : MODEL_WORDS[life.model]}</span>
        </dd>
        {life.legalEnd ? (
          <>
            <dt>Last day by rule</dt>
            <dd>
              <span className="figure">{dayText(life.legalEnd.atMs - 1, timeZone)}</span>{" "}
              <span className="muted">
                {life.legalEnd.label} ({life.legalEnd.source})
              </span>
            </dd>
          </>
        ) : null}
      </dl>
      <p className={page.source}>
        Life on ice: Huss, FAO Fisheries Technical Paper 348, 1995, and others (from memory). Raw use ends at 0.4 of it,
        any cooked use at 0.6, stock at 0.8 (common practice). One inspection is good to about 1.5 days either way.
      </p>
    </details>
  );
}
