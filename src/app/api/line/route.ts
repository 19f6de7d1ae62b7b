import { connection } from "next/server";
import { db } from "@/db/connection";
import { linePulse } from "@/db/line/pulse";
import { pulseText } from "../../line/plan/lineView";
import { planRevision } from "../../line/plan/liveLine";

/** Changes whenever something is done in the house: a screen of the line asks for it and looks anew when it is another. */
export async function GET(): Promise<Response> {
  await connection();
  return Response.json(
    { pulse: pulseText(linePulse(db()), planRevision()) },
    { headers: { "cache-control": "no-store" } },
  );
}
