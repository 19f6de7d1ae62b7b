import { workOut } from "@/server/pool";
import { VERB_NAMES } from "@/verbs";
import { isSameOrigin } from "../../../request";
import { t } from "@/words/api";
import { problem } from "../../problem";

const MOST_BYTES = 4_000_000;

/**
 * The core over HTTP, same JSON as the command line, worked out in a thread of its own with a deadline. Pages of other sites are turned
 * away; devices send no Origin.
 */
export async function POST(request: Request, { params }: { params: Promise<{ verb: string }> }): Promise<Response> {
  const origin = request.headers.get("origin");
  if (origin !== null && !isSameOrigin(origin, request.headers.get("host"))) {
    return problem(403, "", t("thisCameFromAPageOutside"));
  }
  const { verb } = await params;
  if (!VERB_NAMES.includes(verb))
    return problem(404, "verb", t("noVerbVerbThereAreVERBNAME", { verb, verbs: VERB_NAMES.join(", ") }));
  if (Number(request.headers.get("content-length") ?? 0) > MOST_BYTES)
    return problem(413, "", t("theDocumentIsOver4Mb"));
  const text = await request.text();
  if (text.length > MOST_BYTES) return problem(413, "", t("theDocumentIsOver4Mb"));
  const worked = await workOut("open", "verb", { name: verb, text });
  if (!worked.ok)
    return worked.error === "busy"
      ? problem(503, "", t("tooMuchIsBeingWorkedOut"))
      : problem(422, "", t("thisTakesTooLongToWork"));
  const answer = worked.value!;
  return answer.ok ? Response.json(answer.value) : problem(422, answer.error.path, answer.error.message);
}
