import { readFileSync } from "node:fs";
import { z } from "zod";
import { makeDemoHouse } from "@/demo/house";
import { fileUnder, openDatabase } from "../connection";
import { Archive } from "./schema";
import { archiveParts } from "./write";

test("the published schema is the one an archive is written by", () => {
  const published = JSON.parse(readFileSync("docs/archive.schema.json", "utf8")) as unknown;
  expect(published).toEqual(JSON.parse(JSON.stringify(z.toJSONSchema(Archive))));
  const db = openDatabase(":memory:");
  makeDemoHouse(db, Date.UTC(2026, 4, 12, 15));
  expect(() => Archive.parse(JSON.parse([...archiveParts(fileUnder(db))].join("")))).not.toThrow();
});
