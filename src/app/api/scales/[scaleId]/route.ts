import { houseNowMs } from "@/db/houseClock";
import { z } from "zod";
import { db } from "@/db/connection";
import { noteWeight } from "@/db/block/scales";
import { deviceOf } from "../../device";
import { problem } from "../../problem";
import { t } from "@/words/api";

const Weight = z.strictObject({ mass_g: z.number().min(-5000).max(500_000), stable: z.boolean() });

/** A weight of a scale: `{"mass_g":482.5,"stable":true}` with `Authorization: Bearer KEY`, the key of the scale. */
export async function POST(request: Request, { params }: { params: Promise<{ scaleId: string }> }): Promise<Response> {
  const scale = await deviceOf(request, "scale", t("noScaleWithThisKeyBelongs"), (await params).scaleId);
  if (scale instanceof Response) return scale;
  const parsed = Weight.safeParse(await request.json().catch(() => null));
  if (!parsed.success) {
    const issue = parsed.error.issues[0]!;
    return problem(422, issue.path.map(String).join("."), issue.message);
  }
  const { mass_g: massG, stable } = parsed.data;
  noteWeight(db(), scale.subjectId, massG, stable, houseNowMs());
  return Response.json({ kept: true }, { status: 201 });
}
