import { HOUR_MS } from "@/core/units";
import { panNow } from "@/house/line/livePan";
import { isOpen, SERVICE_H } from "@/house/line/ticket";
import type { Db } from "../connection";
import { pansSince } from "./pans";
import { ticketsSince } from "./tickets";

/** Pieces of each card that stand on tickets and still lie on the ice: what a cook of the stove took is off it already. */
export function askedOnTickets(db: Db, nowMs: number): ReadonlyMap<string, number> {
  const sinceMs = nowMs - SERVICE_H * HOUR_MS;
  const taken = new Map<string, number>();
  for (const pan of pansSince(db, sinceMs)) {
    if (pan.cookId === null || panNow(pan, nowMs).state === "lost") continue;
    for (const { lineId, count } of pan.parts) taken.set(lineId, (taken.get(lineId) ?? 0) + count);
  }
  const asked = new Map<string, number>();
  for (const { courses } of ticketsSince(db, sinceMs))
    for (const { lines } of courses.filter(isOpen))
      for (const { id, cardId, count } of lines)
        asked.set(cardId, (asked.get(cardId) ?? 0) + Math.max(0, count - (taken.get(id) ?? 0)));
  return asked;
}
