import { csvTables } from "@/db/archive/csvTables";
import { houseFileHere } from "@/db/connection";
import { csvZip } from "@/exchange/csvZip";

/** Every table of the house as CSV, in one zip; secrets are not in it. */
export function GET(): Response {
  return new Response(csvZip(csvTables(houseFileHere())), {
    headers: {
      "content-type": "application/zip",
      "content-disposition": 'attachment; filename="house-tables.zip"',
      "cache-control": "no-store",
    },
  });
}
