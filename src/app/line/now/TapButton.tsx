"use client";
import { Button } from "antd";
import { useAct } from "@/ui/hooks/useAct";
import { t } from "@/words/next";
import { beginThePan, markWork, stepThePan, undoPan } from "../actions";
import type { WorkRow } from "../plan/lineView";
import { PlainButton } from "@/ui/form/PlainButton";

type Props = { readonly row: WorkRow; readonly primary?: boolean };

/** What a hand says of a piece of work: it is in, that stage is over, it is done. */
export function TapButton({ row: { tap, dish, what }, primary = false }: Props) {
  const { act, busy } = useAct();
  if (!tap) return null;
  const say = () => {
    if (tap.kind === "mark") {
      const { taskId } = tap;
      const undo = { action: markWork, input: { taskId, done: false } };
      return act(markWork, { taskId, done: true }, () => t("isDone", { what }), undo);
    }
    const { panId } = tap;
    const undo = { action: undoPan, input: { panId } };
    return tap.kind === "begin"
      ? act(beginThePan, { panId }, () => t("panIsBegun"), undo)
      : act(stepThePan, { panId, index: tap.index }, () => t("isDone", { what }), undo);
  };
  const label = { begin: t("inThePan"), step: t("nextStage"), mark: t("done") }[tap.kind];
  const name = `${label}: ${dish}, ${what}`;
  return primary ? (
    <Button type="primary" size="large" loading={busy} aria-label={name} onClick={() => void say()}>
      {label}
    </Button>
  ) : (
    <PlainButton busy={busy} aria-label={name} onClick={() => void say()}>
      {label}
    </PlainButton>
  );
}
