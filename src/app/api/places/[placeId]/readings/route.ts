import { houseNowMs } from "@/db/houseClock";
import { revalidatePath } from "next/cache";
import { z } from "zod";
import { db } from "@/db/connection";
import { addReadings } from "@/db/house/places";
import { deviceOf } from "../../../device";
import { problem } from "../../../problem";
import { t } from "@/words/api";
import { AHEAD_MS } from "@/calendar/aheadMs";

const SensorReadings = z.strictObject({
  readings: z
    .array(z.strictObject({ at: z.iso.datetime({ offset: true }), celsius: z.number().min(-90).max(120) }))
    .min(1, t("sendAtLeastOneReading"))
    .max(10_000, t("atMost10000ReadingsAtOnce")),
});

/**
 * Readings of a sensor: `{"readings":[{"at":"2026-03-31T12:00:00Z","celsius":1.4}]}` with `Authorization: Bearer KEY`, the key of the
 * place. Sent twice they count once. Nothing is kept of a document with a fault in it.
 */
export async function POST(request: Request, { params }: { params: Promise<{ placeId: string }> }): Promise<Response> {
  const sensor = await deviceOf(request, "sensor", t("noSensorWithThisKeyBelongs"), (await params).placeId);
  if (sensor instanceof Response) return sensor;
  const sent: unknown = await request.json().catch(() => null);
  const parsed = SensorReadings.safeParse(sent);
  if (!parsed.success) {
    const issue = parsed.error.issues[0]!;
    return problem(422, issue.path.map(String).join("."), issue.message);
  }
  const readings = parsed.data.readings.map(({ at, celsius }) => ({ atMs: Date.parse(at), celsius }));
  const ahead = readings.findIndex(({ atMs }) => atMs > houseNowMs() + AHEAD_MS);
  if (ahead >= 0) return problem(422, `readings.${ahead}.at`, t("liesAheadOfNowCheckThe"));
  const added = addReadings(db(), sensor.subjectId, readings, "sensor", null);
  revalidatePath("/", "layout");
  return Response.json(added, { status: 201 });
}
