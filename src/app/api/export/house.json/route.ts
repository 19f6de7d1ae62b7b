import { archiveStream } from "@/db/archive/file";
import { houseFileHere } from "@/db/connection";

/** The house as one archive that reads back into an empty house; secrets are not in it. */
export function GET(): Response {
  return new Response(archiveStream(houseFileHere()), {
    headers: {
      "content-type": "application/json; charset=utf-8",
      "content-disposition": 'attachment; filename="house.json"',
      "cache-control": "no-store",
    },
  });
}
