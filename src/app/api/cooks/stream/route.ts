import { db } from "@/db/connection";
import { isLocked } from "@/db/doors/people";
import { houseNowMs } from "@/db/houseClock";
import { openCooks } from "@/db/stove/cooks";
import { hearCooks, type CookNews } from "@/server/cookNews";
import { carriedNow, knownBy } from "../../../session";

export const dynamic = "force-dynamic";

/** A word now and then, so that a line nobody listens to any more is noticed. */
const BEAT_MS = 20_000;

const standing = (): readonly CookNews[] => openCooks(db()).map(({ id, events }) => ({ cookId: id, events }));

/** Every tap of every cook as it comes (server-sent events), what stands first; asked for as JSON, only what stands. */
export async function GET(request: Request): Promise<Response> {
  if (!(request.headers.get("accept") ?? "").includes("text/event-stream"))
    return Response.json(standing(), { headers: { "cache-control": "no-store" } });
  const carried = await carriedNow();
  // a tablet that is shut out, or a day that is over, hears no more on the line it holds open
  const stillLetIn = () => !isLocked(db()) || knownBy(carried, houseNowMs()).asker.kind !== "nobody";
  const encoder = new TextEncoder();
  let stop = () => {};
  const body = new ReadableStream<Uint8Array>({
    start(controller) {
      const hangUp = () => {
        stop();
        try {
          controller.close();
        } catch {
          // closed by the other side already
        }
      };
      const say = (text: string) => {
        if (!stillLetIn()) return hangUp();
        try {
          controller.enqueue(encoder.encode(text));
        } catch {
          stop();
        }
      };
      const tell = (news: CookNews) => say(`data: ${JSON.stringify(news)}\n\n`);
      const silence = hearCooks(tell);
      const beat = setInterval(() => say(": still here\n\n"), BEAT_MS);
      stop = () => {
        clearInterval(beat);
        silence();
      };
      request.signal.addEventListener("abort", hangUp);
      for (const news of standing()) tell(news);
      say(": all told\n\n");
    },
    cancel: () => stop(),
  });
  return new Response(body, {
    headers: {
      "content-type": "text/event-stream",
      "cache-control": "no-store, no-transform",
      // a proxy that gathers answers would hold the news back
      "x-accel-buffering": "no",
    },
  });
}
