import type { Metadata } from "next";
import Link from "next/link";
import { db } from "@/db/connection";
import { lastEntry } from "@/db/ledger";
import { recallCount } from "@/house/book/recall";
import page from "@/ui/layout/page.module.css";
import { PageHead } from "@/ui/layout/PageHead";
import { PrintButton } from "@/ui/layout/PrintButton";
import { SubNav } from "@/ui/layout/SubNav";
import { formatFor, momentText } from "@/words/format/format";
import { t } from "@/words/trace";
import { requestTime, requireHouse } from "../../request";
import { BOOK_VIEWS } from "../subViews";
import { findRecall, LATELY_DAYS, type FoundRecall } from "./findRecall";
import { RecallCards } from "./RecallCards";
import { RecallForm } from "./RecallForm";

export const metadata: Metadata = { title: t("recall") };

type Asked = { readonly q?: string; readonly all?: string };

export default async function RecallPage({ searchParams }: { readonly searchParams: Promise<Asked> }) {
  const nowMs = await requestTime();
  const { timeZone, units, currency, decimalMark } = requireHouse();
  const format = formatFor(units, currency, decimalMark);
  const { q = "", all } = await searchParams;
  const asked = q.trim().slice(0, 120);
  const found = asked === "" ? null : findRecall(db(), asked, all === "1", nowMs);
  const count = found ? recallCount(found.recall) : null;
  return (
    <>
      <PageHead
        title={asked === "" ? t("findEveryPlate") : t("recallOf", { asked })}
        asks={count ? t("recallSays", { ...count, left: format.mass(count.leftG) }) : t("recallAsks")}
        below={found ? <NamedBy found={found} asked={asked} /> : null}
      >
        {found ? <PrintButton quiet /> : null}
      </PageHead>
      <SubNav views={BOOK_VIEWS} here="/book/recall" />
      <section className={`${page.card} ${page.below} ${page.screenOnly}`}>
        <RecallForm key={asked} asked={asked} whole={all === "1"} />
        {asked !== "" && !found ? <p role="status">{t("nothingIsCalledSo", { asked })}</p> : null}
        <LastRecall timeZone={timeZone} />
      </section>
      {found ? <RecallCards found={found.recall} format={format} timeZone={timeZone} /> : null}
    </>
  );
}

/** By which name it was found, and what of that name is left out. */
function NamedBy({ found: { by, codes, older }, asked }: { readonly found: FoundRecall; readonly asked: string }) {
  const lots = codes.slice(0, 12).join(", ") + (codes.length > 12 ? ` … ${codes.length}` : "");
  return (
    <p className={page.sub}>
      {t("namedBy", { by: by.replaceAll("-", "_"), lots, days: LATELY_DAYS })}{" "}
      {older > 0
        ? t.rich("olderLots", {
            older,
            link: (words) => <Link href={`/book/recall?q=${encodeURIComponent(asked)}&all=1`}>{words}</Link>,
          })
        : null}
    </p>
  );
}

function LastRecall({ timeZone }: { readonly timeZone: string }) {
  const last = lastEntry(db(), "recall-run");
  if (!last) return <p className={page.sub}>{t("noRecallYet")}</p>;
  const { real, asked, tookMs } = last.payload;
  return (
    <p className={page.sub} data-testid="last-recall">
      {t("theLastRecall", {
        real: String(real === true),
        asked: String(asked),
        when: momentText(last.atMs, 0, timeZone),
        seconds: Number(tookMs) / 1000,
        who: last.who,
      })}
    </p>
  );
}
