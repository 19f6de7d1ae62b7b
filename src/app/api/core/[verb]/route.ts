import { workOut } from "@/server/pool";
import { VERB_NAMES } from "@/verbs";
import { isSameOrigin } from "../../../request";
import { t } from "@/words/api";

const MOST_BYTES = 4_000_000;

const problem = (path: string, message: string, status: number) =>
  Response.json({ error: { path, message } }, { status });

/**
 * The core over HTTP, same JSON as the command line, worked out in a thread of its own with a deadline. Pages of other sites are turned
 * away; devices send no Origin.
 */
export async function POST(request: Request, { params }: { params: Promise<{ verb: string }> }): Promise<Response> {
  const origin = request.headers.get("origin");
  if (origin !== null && !isSameOrigin(origin, request.headers.get("host"))) {
    return problem("", t("thisCameFromAPageOutside"), 403);
  }
  const { verb } = await params;
  if (!VERB_NAMES.includes(verb))
    return problem("verb", t("noVerbVerbThereAreVERBNAME", { verb, verbs: VERB_NAMES.join(", ") }), 404);
  if (Number(request.headers.get("content-length") ?? 0) > MOST_BYTES)
    return problem("", t("theDocumentIsOver4Mb"), 413);
  const text = await request.text();
  if (text.length > MOST_BYTES) return problem("", t("theDocumentIsOver4Mb"), 413);
  const worked = await workOut("open", "verb", { name: verb, text });
  if (!worked.ok)
    return worked.error === "busy"
      ? problem("", t("tooMuchIsBeingWorkedOut"), 503)
      : problem("", t("thisTakesTooLongToWork"), 422);
  const answer = worked.value!;
  return answer.ok ? Response.json(answer.value) : problem(answer.error.path, answer.error.message, 422);
}
