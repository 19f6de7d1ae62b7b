"use client";
import { Alert, Button } from "antd";
import { durationText } from "@/ui/format/format";
import { useAct } from "@/ui/hooks/useAct";
import { goByTheMachine } from "./actions";

/** The machine's clock was set while the house was open: running clocks went on by the house's own time, and somebody decides. */
export function ClockNote({ driftMs }: { readonly driftMs: number }) {
  const { act, busy } = useAct();
  const by = durationText(Math.abs(driftMs) / 1000);
  return (
    <Alert
      type="warning"
      showIcon
      data-testid="clock-note"
      title={
        driftMs > 0
          ? `The clock of this machine is ${by} ahead of the house’s time.`
          : `The clock of this machine is ${by} behind the house’s time.`
      }
      description={
        driftMs > 0
          ? "It slept, or somebody set it. Running clocks and holds went on by the house’s own time."
          : "Somebody set it back. Running clocks and holds go on by the house’s own time; set the machine right."
      }
      action={
        driftMs > 0 ? (
          <Button
            size="small"
            loading={busy}
            onClick={() => act(goByTheMachine, {}, () => "The machine’s time is taken.")}
          >
            Go by the machine
          </Button>
        ) : null
      }
    />
  );
}
