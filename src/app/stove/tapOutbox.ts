"use client";
import { nanoid } from "nanoid";
import { useSyncExternalStore } from "react";
import { answerWithin } from "@/ui/hooks/answerWithin";
import { tellTapped } from "./tappedCooks";
import type { CookTapInput, TapAnswer } from "./tap";
import { t } from "@/words/shell";
import { SECOND_TOUCH_MS } from "@/ui/hooks/secondTouch";

type WithoutIds<T> = T extends unknown ? Omit<T, "id" | "ageMs"> : never;
export type Tap = WithoutIds<CookTapInput>;
type Waiting = { readonly id: string; readonly cookId: string; readonly tap: Tap; readonly madeAtMs: number };
export type Settled = { readonly cookId: string; readonly tap: Tap; readonly answer: TapAnswer };

type Outbox = { readonly waiting: readonly Waiting[]; readonly sending: boolean; readonly silent: boolean };
const EMPTY: Outbox = { waiting: [], sending: false, silent: false };

const SHELF = "gaffel-taps";
/** Taps found again after so long, ms, wait for a hand: meanwhile somebody may have done the same on another tablet. */
const FRESH_MS = 120_000;

let box = EMPTY;
const watchers = new Set<() => void>();
const hearers = new Set<(settled: Settled) => void>();

/** What waits survives a reload, not a closed tab. */
function change(next: Partial<Outbox>): void {
  box = { ...box, ...next };
  try {
    if (box.waiting.length === 0) sessionStorage.removeItem(SHELF);
    else sessionStorage.setItem(SHELF, JSON.stringify(box.waiting));
  } catch {
    // a browser that keeps nothing still sends what is in hand
  }
  for (const watcher of watchers) watcher();
}

/** The answer of the house to one tap; null when it was no answer of the house: the tap then stays. */
async function post({ id, cookId, tap, madeAtMs }: Waiting): Promise<TapAnswer | null> {
  const sent = await answerWithin(
    fetch(`/api/cooks/${cookId}/taps`, {
      method: "POST",
      headers: { "content-type": "application/json" },
      body: JSON.stringify({ ...tap, id, ageMs: Math.max(0, Date.now() - madeAtMs) }),
      // the page may be left before it is answered
      keepalive: true,
    }),
  );
  if (!sent) return null;
  const said = (await answerWithin(sent.json())) as (TapAnswer & { error?: { message?: string } }) | null;
  if (sent.ok && said?.events) return said;
  // a cook that is not there, a tap that cannot be read: sending it again would change nothing
  if ((sent.status === 404 || sent.status === 422) && said?.error)
    return { ok: false, events: [], code: "refused", message: said.error.message ?? t("notDone") };
  return null;
}

async function flush(): Promise<void> {
  if (box.sending) return;
  change({ sending: true });
  for (let first = box.waiting[0]; first; first = box.waiting[0]) {
    const answer = await post(first);
    if (!answer) break;
    change({ waiting: box.waiting.slice(1) });
    if (answer.events.length > 0) tellTapped(first.cookId, answer.events);
    for (const hear of hearers) hear({ cookId: first.cookId, tap: first.tap, answer });
  }
  change({ sending: false, silent: box.waiting.length > 0 });
}

let last: Omit<Waiting, "id"> | null = null;

/** Whether it is the same tap once more: touched twice, or on its way and not answered yet. More seconds may be asked for again and again. */
function isAgain(cookId: string, tap: Tap, nowMs: number): boolean {
  const isOf = (made: Omit<Waiting, "id">) => made.cookId === cookId && made.tap.kind === tap.kind;
  if (last && isOf(last) && nowMs - last.madeAtMs < SECOND_TOUCH_MS) return true;
  const same = JSON.stringify(tap);
  return tap.kind !== "extended" && box.waiting.some((one) => isOf(one) && JSON.stringify(one.tap) === same);
}

/**
 * Takes a tap at the moment the hand makes it; it leaves the outbox only on a real answer, whatever page is open by then. What is tapped
 * while another tap is on its way waits behind it and is never lost.
 */
export function sendTap(cookId: string, tap: Tap): void {
  const madeAtMs = Date.now();
  if (isAgain(cookId, tap, madeAtMs)) return void flush();
  last = { cookId, tap, madeAtMs };
  change({ waiting: [...box.waiting, { id: nanoid(), cookId, tap, madeAtMs }] });
  void flush();
}

export const resendTaps = (): void => void flush();

/** Sends what a reload left behind, if it is fresh. */
export function resumeTaps(): void {
  if (box.waiting.length > 0) return;
  let left: readonly Waiting[] = [];
  try {
    left = JSON.parse(sessionStorage.getItem(SHELF) ?? "[]") as readonly Waiting[];
  } catch {
    return;
  }
  if (left.length === 0) return;
  change({ waiting: left });
  if (Date.now() - left.at(-1)!.madeAtMs < FRESH_MS) void flush();
  else change({ silent: true });
}

export function hearSettled(hear: (settled: Settled) => void): () => void {
  hearers.add(hear);
  return () => void hearers.delete(hear);
}

const subscribe = (watcher: () => void) => {
  watchers.add(watcher);
  return () => void watchers.delete(watcher);
};

/** What waits on this tablet, and whether the house was silent about it. */
export function useTapOutbox(): { readonly busy: boolean; readonly unsent: number } {
  const now = useSyncExternalStore(
    subscribe,
    () => box,
    () => EMPTY,
  );
  return { busy: now.sending, unsent: now.silent ? now.waiting.length : 0 };
}
