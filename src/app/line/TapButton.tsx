"use client";
import { Button } from "antd";
import { useAct } from "@/ui/hooks/useAct";
import { t } from "@/words/line";
import { beginThePan, markWork, stepThePan } from "./actions";
import type { WorkRow } from "./lineView";
import { PlainButton } from "./PlainButton";

type Props = { readonly row: WorkRow; readonly primary?: boolean };

/** What a hand says of a piece of work: it is in, that stage is over, it is done. */
export function TapButton({ row: { tap, dish, what }, primary = false }: Props) {
  const { act, busy } = useAct();
  if (!tap) return null;
  const say = () => {
    if (tap.kind === "begin") return act(beginThePan, { panId: tap.panId }, () => t("panIsBegun"));
    if (tap.kind === "step") return act(stepThePan, { panId: tap.panId, index: tap.index });
    return act(markWork, { taskId: tap.taskId, done: true });
  };
  const label = { begin: t("inThePan"), step: t("nextStage"), mark: t("done") }[tap.kind];
  const name = `${label}: ${dish}, ${what}`;
  return primary ? (
    <Button type="primary" size="large" loading={busy} aria-label={name} onClick={() => void say()}>
      {label}
    </Button>
  ) : (
    <PlainButton disabled={busy} aria-label={name} onClick={() => void say()}>
      {label}
    </PlainButton>
  );
}
