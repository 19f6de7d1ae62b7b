"use client";
import { Alert, Button } from "antd";
import { resendTaps, useTapOutbox } from "./tapOutbox";
import { t } from "@/words/stove";

/** Taps the house has not answered: said on every page, with the way to send them. */
export function OutboxAlert() {
  const { busy, unsent } = useTapOutbox();
  if (unsent === 0) return null;
  return (
    <Alert
      type="error"
      showIcon
      banner
      title={t("theHouseDidNotAnswerValue", { value: unsent === 1 ? t("thisTapIs") : t("unsentTapsAre", { unsent }) })}
      action={
        <Button size="small" loading={busy} onClick={resendTaps}>
          {t("sendItAgain")}
        </Button>
      }
    />
  );
}
