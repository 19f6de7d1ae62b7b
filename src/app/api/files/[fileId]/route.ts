import { db } from "@/db/connection";
import { findFile, isAsKept } from "@/db/lots/files";
import { t } from "@/words/api";

/** A kept paper, as it came; the browser may show it and nothing else. */
export async function GET(_: Request, { params }: { params: Promise<{ fileId: string }> }): Promise<Response> {
  const file = findFile(db(), (await params).fileId);
  if (!file) return Response.json({ error: { path: "file", message: t("thatPaperIsNotInThe") } }, { status: 404 });
  if (!isAsKept(db(), file))
    return Response.json({ error: { path: "file", message: t("thatPaperWasChanged") } }, { status: 409 });
  return new Response(new Uint8Array(file.bytes), {
    headers: {
      "content-type": file.mime,
      "content-disposition": `inline; filename*=UTF-8''${encodeURIComponent(file.name)}`,
      "cache-control": "private, max-age=3600",
    },
  });
}
