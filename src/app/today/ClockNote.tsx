"use client";
import { Alert, Button } from "antd";
import { durationText } from "@/words/format/format";
import { useAct } from "@/ui/hooks/useAct";
import { goByTheMachine } from "../actions";
import { t } from "@/words/today";

/** The machine's clock was set while the house was open: running clocks went on by the house's own time, and somebody decides. */
export function ClockNote({ driftMs }: { readonly driftMs: number }) {
  const { act, busy } = useAct();
  const by = durationText(Math.abs(driftMs) / 1000);
  return (
    <Alert
      type="warning"
      showIcon
      data-testid="clock-note"
      title={driftMs > 0 ? t("theClockOfThisMachineIs", { by }) : t("theClockOfThisMachineIs2", { by })}
      description={driftMs > 0 ? t("itSleptOrSomebodySetIt") : t("somebodySetItBackRunningClocks")}
      action={
        driftMs > 0 ? (
          <Button
            size="small"
            loading={busy}
            onClick={() => act(goByTheMachine, {}, () => t("theMachinesTimeIsTaken"))}
          >
            {t("goByTheMachine")}
          </Button>
        ) : null
      }
    />
  );
}
