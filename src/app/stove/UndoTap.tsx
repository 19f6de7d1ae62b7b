"use client";
import { Button } from "antd";
import { tapToUndo, type CookEvent } from "@/core/cooking";
import { t } from "@/words/stove";
import { sendTap } from "./tapOutbox";

type Props = {
  readonly cookId: string;
  readonly events: readonly CookEvent[];
  /** The stage that is on the tablet. */
  readonly stage: number;
  readonly nowMs: number;
};

/** Takes the last tap back while it is fresh. It keeps its place, so that nothing moves under a finger. */
export function UndoTap({ cookId, events, stage, nowMs }: Props) {
  const tap = tapToUndo(events, nowMs);
  return (
    <Button disabled={!tap} onClick={() => sendTap(cookId, { kind: "undone", stage })}>
      {t("undoTap", { what: tap?.kind ?? "none" })}
    </Button>
  );
}
