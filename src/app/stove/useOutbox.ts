"use client";
import { useRouter } from "next/navigation";
import { useCallback, useEffect, useRef, useState } from "react";
import type { Result } from "@/core/shared";
import { answerWithin } from "@/ui/hooks/answerWithin";

type Send<T, A> = (item: T) => Promise<Result<A, { readonly message: string }>>;
type Settle<T, A> = (item: T, answer: Result<A, { readonly message: string }>) => void;

type Kept<T> = { readonly atMs: number; readonly items: readonly T[] };

/** Taps found again after so long, ms, wait for a hand: meanwhile somebody may have done the same on another tablet. */
const FRESH_MS = 120_000;

/** What of an outbox waits on this tablet; survives a reload, not a closed tab. */
const shelf = {
  read<T>(name: string): Kept<T> | null {
    try {
      return JSON.parse(sessionStorage.getItem(name) ?? "null") as Kept<T> | null;
    } catch {
      return null;
    }
  },
  write(name: string, items: readonly unknown[]): void {
    try {
      if (items.length === 0) sessionStorage.removeItem(name);
      else sessionStorage.setItem(name, JSON.stringify({ atMs: Date.now(), items }));
    } catch {
      // a browser that keeps nothing still sends what is in hand
    }
  },
};

/**
 * Sends taps one after the other in the order they were made. When the house is silent they wait, all of them, until `resend` or, for a
 * short while, until the page is loaded again; each carries its own id, so that one that did arrive is not counted twice.
 */
export function useOutbox<T, A>(name: string, send: Send<T, A>, settle: Settle<T, A>) {
  const router = useRouter();
  const queue = useRef<T[]>([]);
  const sending = useRef(false);
  const answered = useRef(false);
  const [busy, setBusy] = useState(false);
  const [unsent, setUnsent] = useState(0);
  const latest = useRef({ send, settle });
  useEffect(() => {
    latest.current = { send, settle };
  });

  const flush = useCallback(async () => {
    if (sending.current) return;
    sending.current = true;
    setBusy(true);
    for (let item = queue.current[0]; item !== undefined; item = queue.current[0]) {
      const answer = await answerWithin(latest.current.send(item));
      if (answer === null) break;
      queue.current.shift();
      shelf.write(name, queue.current);
      answered.current = true;
      latest.current.settle(item, answer);
    }
    setUnsent(queue.current.length);
    sending.current = false;
    setBusy(false);
  }, [name]);

  useEffect(() => {
    const left = shelf.read<T>(name);
    if (!left) return;
    queue.current = [...left.items, ...queue.current];
    if (Date.now() - left.atMs < FRESH_MS) void flush();
    else setUnsent(queue.current.length);
  }, [name, flush]);

  useEffect(
    () => () => {
      // an answer carries no page, lest one that breaks off takes this page with it; the others are drawn anew when this one is left
      if (answered.current) router.refresh();
    },
    [router],
  );

  return {
    busy,
    unsent,
    add: (item: T) => {
      queue.current.push(item);
      shelf.write(name, queue.current);
      void flush();
    },
    resend: () => void flush(),
  };
}
