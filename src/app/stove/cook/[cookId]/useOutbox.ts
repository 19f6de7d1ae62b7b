"use client";
import { useRef, useState } from "react";
import type { Result } from "@/core/shared";
import { answerWithin } from "@/ui/answerWithin";

type Send<T, A> = (item: T) => Promise<Result<A, { readonly message: string }>>;
type Settle<T, A> = (item: T, answer: Result<A, { readonly message: string }>) => void;

/**
 * Sends taps one after the other in the order they were made. When the house is silent they wait, all of them, until `resend`; each
 * carries its own id, so that one that did arrive is not counted twice.
 */
export function useOutbox<T, A>(send: Send<T, A>, settle: Settle<T, A>) {
  const queue = useRef<T[]>([]);
  const sending = useRef(false);
  const [busy, setBusy] = useState(false);
  const [unsent, setUnsent] = useState(0);

  const flush = async () => {
    if (sending.current) return;
    sending.current = true;
    setBusy(true);
    for (let item = queue.current[0]; item !== undefined; item = queue.current[0]) {
      const answer = await answerWithin(send(item));
      if (answer === null) break;
      queue.current.shift();
      settle(item, answer);
    }
    setUnsent(queue.current.length);
    sending.current = false;
    setBusy(false);
  };

  return {
    busy,
    unsent,
    add: (item: T) => {
      queue.current.push(item);
      void flush();
    },
    resend: () => void flush(),
  };
}
