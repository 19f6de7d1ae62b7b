import { unzipSync } from "fflate";
import { parseCsv } from "./csv";
import { csvZip } from "./csvZip";

const bytesOf = async (stream: ReadableStream<Uint8Array>) => new Uint8Array(await new Response(stream).arrayBuffer());
const TABLES = [
  {
    name: "lots",
    rows: [
      ["code", "note"],
      ["0512-1", "=SUM(A1)"],
      ["0512-2", "-3+cmd"],
      ["0512-3", '"Øl", hm'],
    ],
  },
  { name: "empty", rows: [["id"]] },
  { name: "many", rows: Array.from({ length: 4500 }, (_, index) => [String(index), "x"]) },
];

test("a file a table, UTF-8 with its mark, formulas made plain, every row there, and the same bytes each time", async () => {
  const zip = await bytesOf(csvZip(TABLES));
  const files = unzipSync(zip);
  expect(Object.keys(files)).toEqual(["lots.csv", "empty.csv", "many.csv"]);
  expect([...files["lots.csv"]!.slice(0, 3)]).toEqual([0xef, 0xbb, 0xbf]);
  const text = new TextDecoder().decode(files["lots.csv"]);
  expect(text).toContain("'=SUM(A1)");
  expect(text).toContain("'-3+cmd");
  // read back it is what it was
  expect(parseCsv(text)).toEqual(TABLES[0]!.rows);
  expect(parseCsv(new TextDecoder().decode(files["many.csv"]))).toHaveLength(4500);
  expect(await bytesOf(csvZip(TABLES))).toEqual(zip);
});
