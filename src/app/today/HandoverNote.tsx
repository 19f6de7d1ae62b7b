import Link from "next/link";
import { handovers } from "@/db/house/handovers";
import { db } from "@/db/connection";
import page from "@/ui/layout/page.module.css";
import { momentText } from "@/words/format/format";
import { t } from "@/words/handover";

/** On the first page: words that wait for whoever comes on. */
export function HandoverNote({ nowMs, timeZone }: { readonly nowMs: number; readonly timeZone: string }) {
  const [left] = handovers(db(), nowMs).waiting;
  if (!left) return null;
  return (
    <p className={`${page.card} ${page.line} ${page.below}`} data-testid="handover-note">
      <b className={page.grow}>{t("wordsWait", { who: left.who, at: momentText(left.atMs, nowMs, timeZone) })}</b>
      <Link href="/handover">{t("readIt")}</Link>
    </p>
  );
}
