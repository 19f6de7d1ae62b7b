"use client";
import { Button } from "antd";
import type { MessageInstance } from "antd/es/message/interface";
import { useMessage } from "../layout/Messages";
import { useCallback, useState } from "react";
import { t } from "@/words/ui";
import { useRefresh } from "../reach/useRefresh";
import { lookFirst } from "../form/unsettled";
import { askOnce, UNANSWERED, type Action } from "./askOnce";
import { askChefsPin } from "./chefsPin";
import { SECOND_TOUCH_MS } from "./secondTouch";

/** The answer of what only a chef may do. */
const CHEFS_PIN = "chefsPin";

/** How what was done is taken back. */
export type Undo = { readonly action: Action<unknown>; readonly input: unknown };

export type Act = <T>(
  action: Action<T>,
  input: unknown,
  done?: (value: T) => string,
  undo?: Undo,
) => Promise<{ readonly value: T } | null>;

let last: { readonly action: unknown; readonly asked: string; readonly atMs: number } | null = null;

function isSecondTouch(action: unknown, input: unknown): boolean {
  const [asked, atMs] = [JSON.stringify(input), performance.now()];
  const again = last !== null && last.action === action && last.asked === asked && atMs - last.atMs < SECOND_TOUCH_MS;
  last = { action, asked, atMs };
  return again;
}

/** So long it can be taken back by the message that says it was done, s. */
const UNDO_S = 10;

/** Says what was done, with the button that takes it back; what is shown then is not as it was thought: `again`. */
function offerUndo(message: MessageInstance, said: string, { action, input }: Undo, again: () => void): void {
  const key = JSON.stringify(input);
  const takeBack = async () => {
    message.destroy(key);
    const back = await askOnce(action, input);
    if (back?.ok) {
      message.success(t("takenBack"));
      return;
    }
    message.error(back ? back.error.message : UNANSWERED);
    again();
  };
  message.open({
    key,
    type: "success",
    duration: UNDO_S,
    content: (
      <>
        {said}{" "}
        <Button size="small" onClick={() => void takeBack()}>
          {t("undo")}
        </Button>
      </>
    ),
  });
}

/**
 * The one way to have the house do something: it answers in time or not at all, says what came of it, and shows the new state. Null when
 * it was not done; pressing again with the same wording asks for the same thing, never for a second one. What can be taken back says so
 * for ten seconds.
 */
export function useAct(): { readonly act: Act; readonly busy: boolean } {
  const message = useMessage();
  const refresh = useRefresh();
  const [running, setRunning] = useState(0);
  const act = useCallback<Act>(
    async (action, input, done, undo) => {
      // what stands in a field and what would be done must be the same
      const look = lookFirst();
      if (look) {
        message.error(look);
        return null;
      }
      if (isSecondTouch(action, input)) return null;
      setRunning((count) => count + 1);
      let answer = await askOnce(action, input);
      // what binds the house asks for a chef's PIN, and is done once it is typed
      if (answer && !answer.ok && answer.error.code === CHEFS_PIN && (await askChefsPin()))
        answer = await askOnce(action, input);
      setRunning((count) => count - 1);
      if (!answer) {
        message.error(UNANSWERED);
        // it may have been done all the same, only not said in time
        refresh();
        return null;
      }
      if (!answer.ok) {
        message.error(answer.error.message);
        return null;
      }
      const said = done?.(answer.value) ?? "";
      if (undo) offerUndo(message, said, undo, refresh);
      else if (done) message.success(said);
      // the answer brought the page anew
      return { value: answer.value };
    },
    [message, refresh],
  );
  return { act, busy: running > 0 };
}
