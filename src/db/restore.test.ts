import { existsSync, mkdtempSync, readFileSync, rmSync, writeFileSync } from "node:fs";
import os from "node:os";
import path from "node:path";
import { backUp, checkFile } from "./backup";
import { fileUnder, openDatabase } from "./connection";
import { openHouse } from "./house/house";
import { takeHouse } from "./inUse";
import { appendEntry } from "./ledger";
import { restore } from "./restore";

const NOW = Date.UTC(2026, 4, 12, 17);
const folder = mkdtempSync(path.join(os.tmpdir(), "gaffel-restore-"));
afterAll(() => rmSync(folder, { recursive: true, force: true }));

function house(name: string, entries: number): string {
  const file = path.join(folder, name, "gaffel.sqlite");
  const db = openDatabase(file);
  openHouse(db, { name, timeZone: "UTC", units: "metric", ruleSetId: "eu-853", cooks: ["Anu"], coldRoomC: 1 }, NOW);
  for (let index = 0; index < entries; index++)
    appendEntry(db, { atMs: NOW + index, who: "Anu", kind: "board-washed", payload: { colour: `blue ${index}` } });
  fileUnder(db).close();
  return file;
}
const kept = (file: string) => {
  const copy = backUp(file, path.join(folder, "kept"), path.basename(path.dirname(file)));
  if (!copy.ok) throw new Error(copy.error.kind);
  return copy.value.copy;
};

test("a copy takes the place of the house, and what it replaces is kept whole beside it", () => {
  const copy = kept(house("old", 10));
  const file = house("now", 30);
  const done = restore(copy, file, "2026-05-12-1900");
  expect(done).toMatchObject({ ok: true, value: { entries: 11 } });
  expect(checkFile(file)).toMatchObject({ ok: true, value: { entries: 11 } });
  expect(done.ok && checkFile(done.value.before!)).toMatchObject({ ok: true, value: { entries: 31 } });
  expect(readFileSync(copy)).toEqual(readFileSync(file));
});

test("into an empty folder, and over a file that cannot be opened", () => {
  const copy = kept(house("source", 5));
  const empty = path.join(folder, "empty", "gaffel.sqlite");
  expect(restore(copy, empty, "1")).toMatchObject({ ok: true, value: { before: null } });
  const torn = house("torn", 5);
  writeFileSync(torn, "no database at all");
  const done = restore(copy, torn, "2");
  expect(done.ok && readFileSync(done.value.before!, "utf8")).toBe("no database at all");
  expect(checkFile(torn).ok).toBe(true);
});

test("not while a server has the house, and no copy that does not hold; the house stays as it is", () => {
  const copy = kept(house("good", 5));
  const file = house("running", 7);
  const server = takeHouse(file)!;
  expect(takeHouse(file)).toBeNull();
  expect(restore(copy, file, "3")).toEqual({ ok: false, error: { kind: "in-use" } });
  server.close();
  writeFileSync(copy, Buffer.concat([readFileSync(copy).subarray(0, 9000), Buffer.alloc(9000)]));
  expect(restore(copy, file, "4").ok).toBe(false);
  expect(existsSync(`${file}.part`)).toBe(false);
  expect(checkFile(file)).toMatchObject({ ok: true, value: { entries: 8 } });
  expect(restore(kept(house("again", 1)), file, "5").ok).toBe(true);
});
