import { RateLimiterMemory } from "rate-limiter-flexible";
import { db } from "@/db/connection";
import { subjectOfKey, type DeviceKind } from "@/db/doors/deviceKeys";
import { houseNowMs } from "@/db/houseClock";
import { t } from "@/words/api";
import { problem } from "./problem";

const bearerOf = (request: Request): string =>
  /^Bearer (.+)$/.exec(request.headers.get("authorization") ?? "")?.[1] ?? "";

/** Wrong keys of one kind in a minute before the next is told to wait; a right one is never held up. */
const wrongKeys = new RateLimiterMemory({ points: 20, duration: 60 });

/**
 * Whose key came with the request: the id of the place, scale, probe or sender it is of. A wrong key is turned away, and after twenty of
 * them in a minute it is told to wait. `subjectId`: the one it must be of, where the address names it.
 */
export async function deviceOf(
  request: Request,
  kind: DeviceKind,
  refusal: string,
  subjectId?: string,
): Promise<{ readonly subjectId: string } | Response> {
  const found = subjectOfKey(db(), kind, bearerOf(request), houseNowMs());
  if (found !== null && (subjectId === undefined || subjectId === found)) return { subjectId: found };
  try {
    await wrongKeys.consume(kind);
  } catch {
    return problem(429, "authorization", t("tooManyWrongKeys"), { "retry-after": "60" });
  }
  return problem(401, "authorization", refusal);
}
