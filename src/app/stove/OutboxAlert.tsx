"use client";
import { Button } from "antd";
import page from "@/ui/layout/page.module.css";
import { resendTaps, useTapOutbox } from "./tapOutbox";
import { t } from "@/words/shell";

/** Taps the house has not answered: said on every page, with the way to send them. With nothing that would have to be loaded first. */
export function OutboxAlert() {
  const { busy, unsent } = useTapOutbox();
  if (unsent === 0) return null;
  return (
    <p className={`${page.alert} ${page.line}`} role="alert">
      <b className={page.grow}>
        {t("theHouseDidNotAnswerValue", { value: unsent === 1 ? t("thisTapIs") : t("unsentTapsAre", { unsent }) })}
      </b>
      <Button loading={busy} onClick={resendTaps}>
        {t("sendItAgain")}
      </Button>
    </p>
  );
}
