import { sumOf } from "@/core/numeric";
import type { Metadata } from "next";
import { todayIn } from "@/calendar/days";
import { RULE_SETS } from "@/core/safety";
import { db } from "@/db/connection";
import { headAt } from "@/db/ledger";
import { binderOf } from "@/db/trace/binder";
import { PlainButton } from "@/ui/form/PlainButton";
import page from "@/ui/layout/page.module.css";
import { PageHead } from "@/ui/layout/PageHead";
import { Source } from "@/ui/layout/Source";
import { SubNav } from "@/ui/layout/SubNav";
import { dayText, formatFor } from "@/words/format/format";
import { t } from "@/words/trace";
import { requestTime, requireHouse } from "../../request";
import { BOOK_VIEWS } from "../subViews";
import { askedPeriod, type AskedPeriod } from "./askedPeriod";
import { sectionText, type SectionText } from "./binderText";
import styles from "./Binder.module.css";

export const metadata: Metadata = { title: t("binder") };

export default async function BinderPage({ searchParams }: { readonly searchParams: Promise<AskedPeriod> }) {
  const nowMs = await requestTime();
  const house = requireHouse();
  const { timeZone, units, currency, decimalMark } = house;
  const format = formatFor(units, currency, decimalMark);
  const period = askedPeriod(await searchParams, house, todayIn(timeZone, nowMs));
  const { from, to, fromMs, ruleSetId } = period;
  const toMs = Math.min(period.toMs, nowMs);
  const sections = binderOf(db(), { fromMs, toMs, ruleSetId, timeZone }).map((one) =>
    sectionText(one, format, timeZone),
  );
  const head = headAt(db(), toMs);
  const address = new URLSearchParams({ from, to, rules: ruleSetId }).toString();
  return (
    <>
      <PageHead
        title={t("binderOf", { from: dayText(fromMs, timeZone), to: dayText(toMs - 1, timeZone) })}
        asks={t("binderAsks", {
          open: sumOf(sections, ({ open }) => open.length),
          empty: sections.filter(({ empty }) => empty).length,
          rules: RULE_SETS[ruleSetId].label,
        })}
      >
        <a href={`/api/export/binder.pdf?${address}`} download>
          {t("asPdf")}
        </a>
      </PageHead>
      <SubNav views={BOOK_VIEWS} here="/book/binder" />
      <form action="/book/binder" className={`${page.card} ${page.line} ${page.below} ${page.screenOnly}`}>
        <label className={page.labelled}>
          {t("fromDay")}
          <input type="date" name="from" defaultValue={from} max={to} className={page.plainInput} />
        </label>
        <label className={page.labelled}>
          {t("toDay")}
          <input type="date" name="to" defaultValue={to} className={page.plainInput} />
        </label>
        <label className={`${page.labelled} ${page.grow}`}>
          {t("byTheRules")}
          <select name="rules" defaultValue={ruleSetId} className={page.plainInput}>
            {Object.entries(RULE_SETS).map(([id, { label }]) => (
              <option key={id} value={id}>
                {label}
              </option>
            ))}
          </select>
        </label>
        <PlainButton type="submit">{t("showIt")}</PlainButton>
      </form>
      <div className={page.stack}>
        {sections.map((section) => (
          <Section key={section.id} section={section} />
        ))}
      </div>
      {head ? (
        <Source>
          {t("sealOfBinder", { seq: head.seq, hash: head.hash })} {t("checkWithoutGaffel")}
        </Source>
      ) : null}
    </>
  );
}

function Section({ section: { title, answer, empty, places, open, lines } }: { readonly section: SectionText }) {
  return (
    <section className={page.card} aria-label={title} data-empty={empty || undefined}>
      <h2>{title}</h2>
      <p className={empty ? page.stop : undefined}>
        <b>{answer}</b>
      </p>
      {places.length > 0 ? (
        <ul className={styles.list}>
          {places.map((place) => (
            <li key={place}>{place}</li>
          ))}
        </ul>
      ) : null}
      {open.length > 0 ? (
        <ul className={`${styles.list} ${styles.open}`}>
          {open.map((point) => (
            <li key={point}>{point}</li>
          ))}
        </ul>
      ) : null}
      {lines.length > 0 ? (
        <details className={styles.records}>
          <summary>{t("theRecords", { count: lines.length })}</summary>
          <ol className={styles.list}>
            {lines.map(({ seq, when, who, what, text }) => (
              <li key={seq}>
                <span className="figure">{when}</span> {who}, <b>{what}</b>: {text}{" "}
                <span className={page.sub}>{t("entryNumber", { seq })}</span>
              </li>
            ))}
          </ol>
        </details>
      ) : null}
    </section>
  );
}
