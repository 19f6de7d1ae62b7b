"use client";
import { Alert, Button } from "antd";
import { resendTaps, useTapOutbox } from "./tapOutbox";

/** Taps the house has not answered: said on every page, with the way to send them. */
export function OutboxAlert() {
  const { busy, unsent } = useTapOutbox();
  if (unsent === 0) return null;
  return (
    <Alert
      type="error"
      showIcon
      banner
      title={`The house did not answer: ${unsent === 1 ? "this tap is" : `${unsent} taps are`} not saved yet.`}
      action={
        <Button size="small" loading={busy} onClick={resendTaps}>
          Send it again
        </Button>
      }
    />
  );
}
