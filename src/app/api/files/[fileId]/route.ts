import { db } from "@/db/connection";
import { findFile, isAsKept } from "@/db/lots/files";
import { t } from "@/words/api";
import { problem } from "../../problem";

/** A kept paper, as it came; the browser may show it and nothing else. */
export async function GET(_: Request, { params }: { params: Promise<{ fileId: string }> }): Promise<Response> {
  const file = findFile(db(), (await params).fileId);
  if (!file) return problem(404, "file", t("thatPaperIsNotInThe"));
  if (!isAsKept(db(), file)) return problem(409, "file", t("thatPaperWasChanged"));
  return new Response(new Uint8Array(file.bytes), {
    headers: {
      "content-type": file.mime,
      "content-disposition": `inline; filename*=UTF-8''${encodeURIComponent(file.name)}`,
      "cache-control": "private, max-age=3600",
    },
  });
}
