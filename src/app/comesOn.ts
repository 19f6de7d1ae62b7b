import { db } from "@/db/connection";
import { isLocked, isOnShift, listPeople } from "@/db/doors/people";
import { houseNowMs } from "@/db/houseClock";
import { setCookAtStation } from "./request";
import { carriedNow, carry } from "./session";

/**
 * Somebody comes on at this tablet by name alone. In a house with locks that takes a PIN typed in this shift, on any of its tablets;
 * false: it was not.
 */
export async function comesOn(name: string): Promise<boolean> {
  if (!isLocked(db())) {
    await setCookAtStation(name);
    return true;
  }
  const atMs = houseNowMs();
  const person = listPeople(db(), atMs).find((one) => one.name === name);
  if (!person || !isOnShift(person, atMs)) return false;
  const { tabletId } = await carriedNow();
  if (!tabletId) return false;
  // a chef's PIN typed before was another hand's
  await carry({ tabletId, personId: person.id, signedInAtMs: person.signedInAtMs! });
  return true;
}
