"use client";
import { App } from "antd";
import { nanoid } from "nanoid";
import { useRouter } from "next/navigation";
import { useCallback, useState } from "react";
import type { Result } from "@/core/shared";
import { answerWithin } from "./answerWithin";

/** What is said when nobody answered; pressing again is safe. */
export const UNANSWERED = "The house did not answer. Try again: nothing is done twice.";

type Answer<T> = Result<T, { readonly message: string }>;

/** Something the house does when asked: what is wanted, and the id of the intention, so that asking twice is doing once. */
export type Action<T> = (input: unknown, intention: string) => Promise<Answer<T>>;

/**
 * Ids of what was meant and not answered yet, by action and wording: the next press with the same wording is the same intention. Kept
 * beside the components, so that leaving a page and coming back does not make a second one of it.
 */
const meant = new Map<unknown, Map<string, string>>();
/** What is on its way: a double tap hangs on to the first. */
const onTheWay = new Map<string, Promise<unknown>>();

function intentionOf(action: unknown, wording: string): string {
  const known = meant.get(action) ?? new Map<string, string>();
  meant.set(action, known);
  const id = known.get(wording) ?? nanoid();
  known.set(wording, id);
  return id;
}

/** Asks once for one intention; null: nobody answered, and the same intention stands for the next try. */
export async function askOnce<T>(action: Action<T>, input: unknown, limitMs?: number): Promise<Answer<T> | null> {
  const wording = JSON.stringify(input);
  const id = intentionOf(action, wording);
  const before = onTheWay.get(id) as Promise<Answer<T> | null> | undefined;
  if (before) return before;
  const asked = answerWithin(action(input, id), limitMs).finally(() => onTheWay.delete(id));
  onTheWay.set(id, asked);
  const answer = await asked;
  // what was answered is over: doing the same again is meant anew
  if (answer) meant.get(action)?.delete(wording);
  return answer;
}

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
