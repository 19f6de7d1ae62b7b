import {
  existsSync,
  mkdirSync,
  mkdtempSync,
  readdirSync,
  readFileSync,
  rmSync,
  statSync,
  utimesSync,
  writeFileSync,
} from "node:fs";
import os from "node:os";
import path from "node:path";
import { Worker } from "node:worker_threads";
import Database from "better-sqlite3";
import { backUp, checkFile, prune } from "./backup";
import { openDatabase } from "./connection";
import { openHouse } from "./house/house";
import { appendEntry } from "./ledger";

const NOW = Date.UTC(2026, 4, 12, 17);
const folder = mkdtempSync(path.join(os.tmpdir(), "gaffel-backup-"));
afterAll(() => rmSync(folder, { recursive: true, force: true }));

function house(name: string, entries: number): string {
  const file = path.join(folder, name, "gaffel.sqlite");
  const db = openDatabase(file);
  openHouse(db, { name, timeZone: "UTC", units: "metric", ruleSetId: "eu-853", cooks: ["Anu"], coldRoomC: 1 }, NOW);
  for (let index = 0; index < entries; index++)
    appendEntry(db, { atMs: NOW + index, who: "Anu", kind: "board-washed", payload: { colour: `blue ${index}` } });
  return file;
}

test("a backup opens as the same house, is read by nobody else and leaves nothing half done behind", () => {
  const file = house("whole", 50);
  const kept = backUp(file, path.join(folder, "kept"), "2026-05-12-1700");
  expect(kept).toMatchObject({ ok: true, value: { entries: 51 } });
  const copy = kept.ok ? kept.value.copy : "";
  expect(readdirSync(path.join(folder, "kept"))).toEqual(["gaffel-2026-05-12-1700.sqlite"]);
  expect(statSync(copy).mode & 0o077).toBe(0);
  const dump = (of: string) => {
    const opened = new Database(of, { readonly: true });
    const rows = opened.prepare("select * from ledger order by seq").all();
    opened.close();
    return rows;
  };
  expect(dump(copy)).toEqual(dump(file));
  expect(checkFile(copy)).toEqual({ ok: true, value: { entries: 51, rows: 0 } });
});

test("it ends while the house goes on writing, and holds one moment of it", async () => {
  const file = house("busy", 2000);
  const writer = new Worker(
    `const Database = require("better-sqlite3");
     const { workerData, parentPort } = require("node:worker_threads");
     const file = new Database(workerData); file.pragma("journal_mode = WAL"); file.pragma("busy_timeout = 5000");
     file.exec("create table if not exists beats (n integer)");
     let n = 0; setInterval(() => { file.exec("insert into beats values (" + ++n + ")"); parentPort.postMessage(n); }, 5);`,
    { eval: true, workerData: file },
  );
  await new Promise((resolve) => writer.once("message", resolve));
  for (const minute of ["1801", "1802", "1803"]) {
    const kept = backUp(file, path.join(folder, "busy-kept"), minute);
    expect(kept).toMatchObject({ ok: true, value: { entries: 2001 } });
  }
  await writer.terminate();
});

test("a damaged or altered file is never kept as a backup, and what is missing is said and not made", () => {
  const file = house("altered", 30);
  const open = new Database(file);
  open.exec("drop trigger ledger_no_update; update ledger set who = 'somebody' where seq = 9");
  open.close();
  expect(backUp(file, path.join(folder, "never"), "x")).toEqual({ ok: false, error: { kind: "broken", atSeq: 9 } });
  expect(readdirSync(path.join(folder, "never"))).toEqual([]);
  const torn = path.join(folder, "torn.sqlite");
  writeFileSync(torn, readFileSync(file).subarray(0, 9000));
  expect(checkFile(torn)).toMatchObject({ ok: false, error: { kind: "damaged" } });
  const none = path.join(folder, "none", "gaffel.sqlite");
  expect([checkFile(none), backUp(none, folder, "y")]).toMatchObject([
    { error: { kind: "no-file" } },
    { error: { kind: "no-file" } },
  ]);
  expect(existsSync(none)).toBe(false);
});

test("copies are let go by number and age, the newest three never, and nothing else in the folder", () => {
  const kept = path.join(folder, "many");
  mkdirSync(kept);
  const names = Array.from({ length: 9 }, (_, day) => `gaffel-2026-05-0${day + 1}-0400.sqlite`);
  for (const [day, name] of names.entries()) {
    writeFileSync(path.join(kept, name), "");
    utimesSync(path.join(kept, name), NOW / 1000, (NOW - (9 - day) * 86_400_000) / 1000);
  }
  writeFileSync(path.join(kept, "letter.txt"), "");
  expect(prune(kept, 7, 60, NOW)).toEqual([names[1], names[0]]);
  expect(prune(kept, 7, 5, NOW)).toEqual([names[3], names[2]]);
  expect(prune(kept, 7, 0, NOW)).toEqual([names[5], names[4]]);
  expect(readdirSync(kept).sort()).toEqual([...names.slice(6), "letter.txt"]);
});
