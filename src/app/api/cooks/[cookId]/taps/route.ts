import { db } from "@/db/connection";
import { houseNowMs } from "@/db/houseClock";
import { addCookEvent, findCook } from "@/db/stove/cooks";
import { tellCooks } from "@/server/cookNews";
import { invalidInput } from "../../../../actionError";
import { cookAtStation, isSameOrigin } from "../../../../request";
import { problem } from "../../../problem";
import { CookTap, eventOfTap, OLDEST_TAP_MS, type TapAnswer } from "../../../../stove/tap";
import { refitCook } from "../../../../stove/refitCook";
import { t } from "@/words/api";
import { inMetric } from "@/words/say";

/**
 * One tap at the stove. It counts from when the hand tapped, is meant for one stage, and the same id twice is one tap. An answer is 200
 * whether it was taken or not; a tablet keeps what got no such answer.
 */
export async function POST(request: Request, { params }: { params: Promise<{ cookId: string }> }): Promise<Response> {
  const { headers } = request;
  if (!isSameOrigin(headers.get("origin"), headers.get("host")))
    return problem(403, "", t("thisCameFromOutsideTheHouse"));
  const parsed = CookTap.safeParse(await request.json().catch(() => null));
  if (!parsed.success) return problem(422, "", invalidInput(parsed.error).message);
  const { cookId } = await params;
  const tap = parsed.data;
  const stamp = {
    who: await cookAtStation(),
    atMs: houseNowMs() - Math.min(tap.ageMs, OLDEST_TAP_MS),
    requestId: tap.id,
  };
  const added = addCookEvent(db(), cookId, eventOfTap(tap), stamp);
  if (added.ok) {
    tellCooks({ cookId, events: added.value.events });
    // the answer brings what the tap makes of the next clock, where that is known in time
    if (tap.kind === "advanced") await refitCook(cookId, tap.id);
    const events = findCook(db(), cookId)?.events ?? added.value.events;
    return Response.json({ ok: true, events } satisfies TapAnswer);
  }
  const { error } = added;
  if (error.kind === "cookNotFound") return problem(404, "", t("thisCookIsNotInThe"));
  const events = findCook(db(), cookId)?.events ?? [];
  const refusal: TapAnswer =
    error.kind === "stagePassed"
      ? { ok: false, events, code: "stage-passed", message: t("anotherHandWasFasterThatStage") }
      : { ok: false, events, code: "refused", message: inMetric(error.why) };
  return Response.json(refusal);
}
