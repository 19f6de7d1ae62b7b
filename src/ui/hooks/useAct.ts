"use client";
import { App } from "antd";
import { useRouter } from "next/navigation";
import { useCallback, useState } from "react";
import { askOnce, UNANSWERED, type Action } from "./askOnce";

export type Act = <T>(
  action: Action<T>,
  input: unknown,
  done?: (value: T) => string,
) => Promise<{ readonly value: T } | null>;

/**
 * The one way to have the house do something: it answers in time or not at all, says what came of it, and shows the new state. Null when
 * it was not done; pressing again with the same wording asks for the same thing, never for a second one.
 */
export function useAct(): { readonly act: Act; readonly busy: boolean } {
  const { message } = App.useApp();
  const router = useRouter();
  const [running, setRunning] = useState(0);
  const act = useCallback<Act>(
    async (action, input, done) => {
      setRunning((count) => count + 1);
      const answer = await askOnce(action, input);
      setRunning((count) => count - 1);
      if (!answer) {
        message.error(UNANSWERED);
        // it may have been done all the same, only not said in time
        router.refresh();
        return null;
      }
      if (!answer.ok) {
        message.error(answer.error.message);
        return null;
      }
      if (done) message.success(done(answer.value));
      router.refresh();
      return { value: answer.value };
    },
    [message, router],
  );
  return { act, busy: running > 0 };
}
