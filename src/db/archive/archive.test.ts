import { createHash } from "node:crypto";
import { existsSync, mkdtempSync, readFileSync, rmSync, writeFileSync } from "node:fs";
import os from "node:os";
import path from "node:path";
import Database from "better-sqlite3";
import { makeDemoHouse } from "@/demo/house";
import { checkFile } from "../backup";
import { fileUnder, openDatabase } from "../connection";
import { newKey } from "../doors/deviceKeys";
import { makeChef } from "../doors/people";
import { takeHouse } from "../inUse";
import { appendEntry } from "../ledger";
import { attachments } from "../schema/lots";
import { lotsOnIce } from "../lots/lots";
import { importArchive } from "./read";
import { archiveTables, rowsOf } from "./tables";
import { archiveParts } from "./write";

const NOW = Date.UTC(2026, 4, 12, 15);
const folder = mkdtempSync(path.join(os.tmpdir(), "gaffel-archive-"));
afterAll(() => rmSync(folder, { recursive: true, force: true }));

const file = path.join(folder, "gaffel.sqlite");
const archive = path.join(folder, "house.json");
const written = (of: string) => {
  const sqlite = new Database(of, { readonly: true });
  const text = [...archiveParts(sqlite)].join("");
  sqlite.close();
  return text;
};
const secret = "a pass phrase that nobody reads";

beforeAll(() => {
  const db = openDatabase(file);
  makeDemoHouse(db, NOW);
  const stamp = { who: "Ylva", atMs: NOW };
  makeChef(db, { name: "Ylva", pinHash: secret, phrase: secret }, stamp);
  newKey(db, "sensor", "a-place", stamp);
  // what is hard to write down: bytes, half a line, a quotation, the ends of lines of other systems
  const bytes = Buffer.from(Array.from({ length: 300 }, (_, index) => index % 256));
  const sha256 = createHash("sha256").update(bytes).digest("hex");
  db.insert(attachments)
    .values({
      id: "paper",
      lotId: lotsOnIce(db)[0]!.id,
      name: 'a "b"\n]]},\u2028',
      mime: "image/png",
      sha256,
      bytes,
      addedAtMs: NOW,
      addedBy: "Ylva",
    })
    .run();
  appendEntry(db, { ...stamp, kind: "handover-left", payload: { note: '"rows":[\r\n]}\u2029' } });
  writeFileSync(archive, written(file));
}, 60_000);

test("one JSON document, the same bytes for the same state, and no secret in it", () => {
  const text = readFileSync(archive, "utf8");
  expect(written(file)).toBe(text);
  const read = JSON.parse(text) as { format: string; tables: Record<string, { columns: string[]; rows: unknown[] }> };
  expect(read.format).toBe("gaffel-house");
  expect(read.tables["lots"]!.rows.length).toBeGreaterThan(80);
  expect(text).not.toContain(secret);
  expect(Object.keys(read.tables)).not.toEqual(expect.arrayContaining(["device_keys"]));
});

test("it reads back into an empty house equal in every table, its seals and sums with it", async () => {
  const copy = path.join(folder, "copy", "gaffel.sqlite");
  expect(await importArchive(archive, copy)).toMatchObject({ ok: true });
  const [one, other] = [file, copy].map((of) => new Database(of, { readonly: true }));
  for (const table of archiveTables(one!)) {
    expect({ [table.name]: [...rowsOf(other!, table)] }).toEqual({ [table.name]: [...rowsOf(one!, table)] });
  }
  const secrets = other!
    .prepare("select (select count(*) from device_keys) as keys, (select phrase_hash from house) as phrase")
    .get();
  expect(secrets).toEqual({ keys: 0, phrase: null });
  for (const opened of [one!, other!]) opened.close();
  expect(checkFile(copy).ok).toBe(true);
  expect(written(copy)).toBe(readFileSync(archive, "utf8"));
});

test("into a house that is there, or changed, cut off, foreign, newer or missing: nothing is read and the reason said", async () => {
  expect(await importArchive(archive, file)).toEqual({ ok: false, error: { kind: "house-is-there" } });
  const text = readFileSync(archive, "utf8");
  const tried = async (name: string, changed: string) => {
    const from = path.join(folder, `${name}.json`);
    writeFileSync(from, changed);
    const to = path.join(folder, name, "gaffel.sqlite");
    const found = await importArchive(from, to);
    expect(existsSync(to)).toBe(false);
    return found.ok ? "read" : found.error;
  };
  expect(await tried("forged", text.replace("Nattkrok", "Natkrok"))).toMatchObject({ kind: "not-the-same" });
  expect(await tried("cut", text.slice(0, text.length / 2))).toMatchObject({ kind: "bad-line" });
  expect(await tried("letter", "Dear house,\n")).toEqual({ kind: "no-archive" });
  expect(await tried("newer", text.replace(/"migration":"\d+/, '"migration":"9999'))).toEqual({ kind: "newer" });
  expect(await tried("table", text.replace('\n"waste":', '\n"wast":'))).toEqual({
    kind: "unknown-table",
    table: "wast",
  });
  expect(await importArchive(path.join(folder, "none.json"), path.join(folder, "n.sqlite"))).toEqual({
    ok: false,
    error: { kind: "no-file" },
  });
});

test("not while a server waits there with an empty house", async () => {
  const waiting = path.join(folder, "waiting", "gaffel.sqlite");
  const server = takeHouse(waiting)!;
  expect(await importArchive(archive, waiting)).toEqual({ ok: false, error: { kind: "in-use" } });
  server.close();
  expect(await importArchive(archive, waiting)).toMatchObject({ ok: true });
});

test("a row that points at nothing is refused", async () => {
  const broken = path.join(folder, "broken.sqlite");
  const db = openDatabase(broken);
  makeDemoHouse(db, NOW);
  const sqlite = fileUnder(db);
  sqlite.pragma("foreign_keys = OFF");
  sqlite.exec("delete from places where id in (select place_id from lot_stays limit 1)");
  sqlite.close();
  writeFileSync(path.join(folder, "points.json"), written(broken));
  expect(await importArchive(path.join(folder, "points.json"), path.join(folder, "points", "g.sqlite"))).toMatchObject({
    ok: false,
    error: { kind: "points-nowhere" },
  });
}, 60_000);
