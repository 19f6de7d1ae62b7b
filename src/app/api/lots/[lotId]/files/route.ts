import { houseNowMs } from "@/db/houseClock";
import { fileTypeFromBuffer } from "file-type";
import { revalidatePath } from "next/cache";
import { db } from "@/db/connection";
import { attachFile } from "@/db/lots/files";
import { findLot } from "@/db/lots/lots";
import { cookAtStation, fromThisHouse } from "@/app/request";
import { t } from "@/words/api";
import { problem } from "../../../problem";

const MOST_BYTES = 8 * 1024 * 1024;
const TYPES = new Set(["application/pdf", "image/png", "image/jpeg", "image/webp"]);

/** Keeps a certificate or photograph with a lot. The type is read from the bytes, not from the name. */
export async function POST(request: Request, { params }: { params: Promise<{ lotId: string }> }): Promise<Response> {
  if (!(await fromThisHouse())) return problem(403, "file", t("thisCameFromOutsideTheHouse2"));
  const { lotId } = await params;
  if (!findLot(db(), lotId)) return problem(404, "file", t("thatLotIsNotInThe"));
  if (Number(request.headers.get("content-length") ?? 0) > MOST_BYTES + 10_000)
    return problem(413, "file", t("over8MbMakeThePicture"));
  const sent = await request.formData().catch(() => null);
  const file = sent?.get("file");
  if (!(file instanceof File) || file.size === 0) return problem(422, "file", t("noFileCameWithIt"));
  if (file.size > MOST_BYTES) return problem(413, "file", t("over8MbMakeThePicture"));
  const bytes = Buffer.from(await file.arrayBuffer());
  const type = await fileTypeFromBuffer(bytes);
  if (!type || !TYPES.has(type.mime)) return problem(415, "file", t("onlyPdfPngJpegAndWebP"));
  const name = file.name.replace(/[^\p{L}\p{N} ._-]+/gu, "_").slice(-120) || `paper.${type.ext}`;
  const stamp = { who: await cookAtStation(), atMs: houseNowMs() };
  const id = attachFile(db(), lotId, { name, mime: type.mime, bytes }, stamp);
  revalidatePath("/", "layout");
  return Response.json({ id }, { status: 201 });
}
