import Link from "next/link";
import { standingNow } from "@/server/standing";
import page from "@/ui/layout/page.module.css";
import { t } from "@/words/today";

/** On the first page: the book was found changed outside Gaffel, or its file damaged. */
export function StandingNote() {
  const standing = standingNow();
  if (standing.kind === "checking" || (standing.kind === "checked" && standing.chain.kind === "whole")) return null;
  return (
    <p role="alert" className={page.alert}>
      <b>{t("theBookDoesNotHold")}</b> <Link href="/book?check=all">{t("seeWhatIsWrong")}</Link>
    </p>
  );
}
