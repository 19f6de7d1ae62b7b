import { createReadStream, mkdtempSync, rmSync, statSync } from "node:fs";
import os from "node:os";
import path from "node:path";
import { Readable } from "node:stream";
import { houseFileHere } from "@/db/connection";
import { keep } from "@/server/keeper";
import { t } from "@/words/api";
import { problem } from "../../problem";

/** The file of the house itself, copied at one moment and read through before it is handed out. It holds everything: keep it as you keep the house. */
export async function GET(): Promise<Response> {
  const folder = mkdtempSync(path.join(os.tmpdir(), "gaffel-copy-"));
  const drop = () => rmSync(folder, { recursive: true, force: true });
  const asked = await keep("backup", { file: houseFileHere(), folder, stamp: "copy" });
  if (!asked.ok || !asked.value.ok) {
    drop();
    return problem(503, "", t("noCopyWasMade"));
  }
  const { copy } = asked.value.value;
  const stream = createReadStream(copy);
  stream.once("close", drop);
  return new Response(Readable.toWeb(stream) as ReadableStream<Uint8Array>, {
    headers: {
      "content-type": "application/vnd.sqlite3",
      "content-length": String(statSync(copy).size),
      "content-disposition": 'attachment; filename="gaffel.sqlite"',
      "cache-control": "no-store",
    },
  });
}
