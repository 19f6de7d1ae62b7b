"use client";
import { App } from "antd";
import { useRouter } from "next/navigation";
import type { Result } from "@/core/shared";
import { answerWithin } from "./answerWithin";

/**
 * Waits for the house and says what came of it: what was done, why not, or that nobody answered. Null when it was not done; the page
 * shows the new state when it was.
 */
export function useTell() {
  const { message } = App.useApp();
  const router = useRouter();
  return async <T>(
    asked: Promise<Result<T, { readonly message: string }>>,
    done?: (value: T) => string,
  ): Promise<{ readonly value: T } | null> => {
    const answer = await answerWithin(asked);
    if (!answer) {
      message.error("The house did not answer: try again.");
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
  };
}
