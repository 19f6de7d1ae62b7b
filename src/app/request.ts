import { houseNowMs } from "@/db/houseClock";
import { cookies, headers } from "next/headers";
import { connection } from "next/server";
import { redirect } from "next/navigation";
import { db } from "@/db/connection";
import { findHouse, listStaff, type House } from "@/db/house/house";
import { whoAsks } from "./session";

const COOK_COOKIE = "gaffel-cook";

/** The time of this request; nothing on the page is older than it. */
export async function requestTime(): Promise<number> {
  await connection();
  return houseNowMs();
}

/** The house, or the first-run page when there is none yet. */
export function requireHouse(): House {
  const house = findHouse(db());
  if (!house) redirect("/welcome");
  return house;
}

/** What is written where nobody has signed in: the name is put to it later, in a correction. */
export const NAME_LATER = "not said";

/** Who stands at the station: who has signed in; in a house without locks the name on this tablet's cookie, else the first on the list. */
export async function cookAtStation(): Promise<string> {
  const known = await whoAsks();
  if (known) return known.person?.name ?? NAME_LATER;
  const names = listStaff(db()).map(({ name }) => name);
  const chosen = (await cookies()).get(COOK_COOKIE)?.value;
  return names.find((name) => name === chosen) ?? names[0] ?? "house";
}

export async function setCookAtStation(name: string): Promise<void> {
  (await cookies()).set(COOK_COOKIE, name, { path: "/", sameSite: "strict", httpOnly: true, maxAge: 60 * 60 * 16 });
}

/**
 * Whether the request comes from a page of this house. Compares Origin with Host itself: the framework trusts a forwarded host
 * and lets a request without Origin through.
 */
export function isSameOrigin(origin: string | null, host: string | null): boolean {
  if (!origin || !host) return false;
  try {
    return new URL(origin).host === host;
  } catch {
    return false;
  }
}

export async function fromThisHouse(): Promise<boolean> {
  const sent = await headers();
  return isSameOrigin(sent.get("origin"), sent.get("host"));
}
