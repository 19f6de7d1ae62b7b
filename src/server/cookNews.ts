import { EventEmitter } from "node:events";
import type { CookEvent } from "@/core/cooking";

/** A cook as it stands after a tap, for every tablet of the house. */
export type CookNews = { readonly cookId: string; readonly events: readonly CookEvent[] };

const shared = globalThis as typeof globalThis & { gaffelCookNews?: EventEmitter };

function emitter(): EventEmitter {
  if (!shared.gaffelCookNews) {
    shared.gaffelCookNews = new EventEmitter();
    // as many listeners as tablets
    shared.gaffelCookNews.setMaxListeners(0);
  }
  return shared.gaffelCookNews;
}

export const tellCooks = (news: CookNews): void => void emitter().emit("cook", news);

/** Hears of every tap from now on; call the answer to stop. */
export function hearCooks(hear: (news: CookNews) => void): () => void {
  emitter().on("cook", hear);
  return () => void emitter().off("cook", hear);
}
