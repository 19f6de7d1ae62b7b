import { houseNowMs } from "@/db/houseClock";
import { z } from "zod";
import { DAY_MS } from "@/core/units";
import { db } from "@/db/connection";
import { noteProbe } from "@/db/stove/probes";
import { deviceOf } from "../../../device";
import { problem } from "../../../problem";
import { t } from "@/words/api";
import { AHEAD_MS } from "@/calendar/aheadMs";

const Reading = z.strictObject({
  celsius: z.number().min(-60).max(350),
  /** When it was read, ISO 8601; now when left out. */
  at: z.iso.datetime({ offset: true }).optional(),
});
/** A probe that was off the network sends what it kept; what is older than a day is no cook's. */
const OLDEST_MS = DAY_MS;

/** A reading of a probe: `{"celsius":41.3}` with `Authorization: Bearer KEY`. It goes to the cook the probe is in. */
export async function POST(request: Request, { params }: { params: Promise<{ probeId: string }> }): Promise<Response> {
  const device = await deviceOf(request, "probe", t("noProbeWithThisKeyBelongs"), (await params).probeId);
  if (device instanceof Response) return device;
  const parsed = Reading.safeParse(await request.json().catch(() => null));
  if (!parsed.success) {
    const issue = parsed.error.issues[0]!;
    return problem(422, issue.path.map(String).join("."), issue.message);
  }
  const nowMs = houseNowMs();
  const atMs = parsed.data.at === undefined ? nowMs : Date.parse(parsed.data.at);
  if (atMs > nowMs + AHEAD_MS) return problem(422, "at", t("thisReadingIsFromTheFuture"));
  if (atMs < nowMs - OLDEST_MS) return problem(422, "at", t("thisReadingIsTooOld"));
  const noted = noteProbe(db(), device.subjectId, parsed.data.celsius, atMs);
  const cook = noted.ok ? noted.value.cookId : null;
  return Response.json({ kept: cook !== null, cook }, { status: 201 });
}
