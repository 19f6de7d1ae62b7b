import { sealData, unsealData } from "iron-session";
import { cookies, headers } from "next/headers";
import { db } from "@/db/connection";
import { findPerson, isLocked, SHIFT_MS, type Person } from "@/db/doors/people";
import { tabletSeen } from "@/db/doors/tablets";
import { houseNowMs } from "@/db/houseClock";
import type { Asker } from "@/house/people";
import { sessionSecret } from "@/db/doors/sessionSecret";

export const SESSION_COOKIE = "gaffel";
/** A tablet stays let in until it is shut out. */
const LASTS_S = 400 * 86_400;
/** After a chef's PIN the chef's acts are done without another for so long, ms. */
export const CHEF_MS = 10 * 60_000;

/** What a browser carries, sealed: which tablet it is, who works on it, and until when a chef's PIN counts. */
export type Session = {
  tabletId?: string;
  personId?: string;
  signedInAtMs?: number;
  chefId?: string;
  chefUntilMs?: number;
};

/** What the browser of this request carries. */
export const carriedNow = async (): Promise<Session> => unsealed((await cookies()).get(SESSION_COOKIE)?.value);

/** Gives the browser this to carry from now on. */
export async function carry(session: Session): Promise<void> {
  // over plain HTTP on the kitchen's network a secure cookie would never come back
  const secure = (await headers()).get("x-forwarded-proto") === "https";
  const sealed = await sealData(session, { password: sessionSecret(), ttl: LASTS_S });
  (await cookies()).set(SESSION_COOKIE, sealed, {
    path: "/",
    httpOnly: true,
    sameSite: "strict",
    secure,
    maxAge: LASTS_S,
  });
}

/** What a sealed cookie says; nothing where it is none of ours. */
export const unsealed = async (cookie: string | undefined): Promise<Session> =>
  cookie === undefined
    ? {}
    : unsealData<Session>(cookie, { password: sessionSecret(), ttl: LASTS_S }).catch(() => ({}));

/** Who asks, and under which name it is written. */
export type Known = {
  readonly asker: Asker;
  /** Signed in on this tablet; null: nobody. */
  readonly person: Person | null;
  /** The chef whose PIN was typed a moment ago. */
  readonly chef: Person | null;
  readonly tabletId: string | null;
};

const NOBODY: Known = { asker: { kind: "nobody" }, person: null, chef: null, tabletId: null };

/** Who a session is in a house with locks. A tablet shut out, a shift over, a person who has left: none of them counts any more. */
export function knownBy(carried: Session, atMs: number): Known {
  const tablet = carried.tabletId ? tabletSeen(db(), carried.tabletId, atMs) : null;
  if (!tablet) return NOBODY;
  if (tablet.kind === "screen") return { ...NOBODY, asker: { kind: "screen" }, tabletId: tablet.id };
  const inShift = carried.signedInAtMs !== undefined && atMs - carried.signedInAtMs < SHIFT_MS;
  const person = (inShift && carried.personId && findPerson(db(), carried.personId, atMs)) || null;
  const fresh = (carried.chefUntilMs ?? 0) > atMs;
  const named = (fresh && carried.chefId && findPerson(db(), carried.chefId, atMs)) || null;
  const chef = named?.role === "chef" ? named : null;
  const chefNow = chef !== null;
  const asker: Asker = person ? { kind: "person", role: person.role, chefNow } : { kind: "tablet", chefNow };
  return { asker, person, chef, tabletId: tablet.id };
}

/** Who asks now; null: the house has no locks, and whoever opens it works in it. */
export async function whoAsks(): Promise<Known | null> {
  if (!isLocked(db())) return null;
  return knownBy(await carriedNow(), houseNowMs());
}
