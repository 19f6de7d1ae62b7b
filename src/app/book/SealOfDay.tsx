import Image from "next/image";
import { db } from "@/db/connection";
import { entryOfSeal, headAt } from "@/db/ledger";
import { PlainButton } from "@/ui/form/PlainButton";
import page from "@/ui/layout/page.module.css";
import { Source } from "@/ui/layout/Source";
import { t } from "@/words/book";
import { qrCode } from "../qrCode";

const CODE_PX = 160;

type Props = {
  readonly day: string;
  /** Where the day ends, or now. */
  readonly toMs: number;
  /** A seal kept elsewhere, to be held against the book; null: none was asked for. */
  readonly asked: string | null;
  /** Whether every seal of the book fits. */
  readonly whole: boolean;
};

/** The seal of a day to keep outside the house, and a kept one held against the book: what is rewritten whole shows in nothing else. */
export async function SealOfDay({ day, toMs, asked, whole }: Props) {
  const head = headAt(db(), toMs);
  const found = asked ? entryOfSeal(db(), asked) : undefined;
  const answer = !asked
    ? null
    : found === undefined
      ? t("noEntryHasThatSeal")
      : whole
        ? t("thatSealFits", { seq: found.seq })
        : t("thatSealIsThereBut", { seq: found.seq });
  return (
    <details className={`${page.card} ${page.aboveMore}`} open={asked !== null} data-testid="seal">
      <summary>{t("sealOfTheDay")}</summary>
      {head ? (
        <div className={`${page.line} ${page.above}`}>
          <Image
            unoptimized
            src={await qrCode(head.hash)}
            alt={t("sealOfEntry", { seq: head.seq })}
            width={CODE_PX}
            height={CODE_PX}
          />
          <p className={page.grow}>
            {t("sealOfEntry", { seq: head.seq })}
            <br />
            <code className={page.breaks}>{head.hash}</code>
          </p>
        </div>
      ) : (
        <p className={page.above}>{t("nothingSealedYet")}</p>
      )}
      <form action="/book" className={`${page.line} ${page.above}`}>
        <input type="hidden" name="day" value={day} />
        <label className={`${page.labelled} ${page.grow}`}>
          {t("aSealKeptElsewhere")}
          <input name="seal" className={page.plainInput} defaultValue={asked ?? ""} autoComplete="off" />
        </label>
        <PlainButton type="submit">{t("holdItAgainstTheBook")}</PlainButton>
      </form>
      {answer ? (
        <p role="status" className={page.above}>
          <b>{answer}</b>
        </p>
      ) : null}
      <Source>{t("whySeals")}</Source>
    </details>
  );
}
