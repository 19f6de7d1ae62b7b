import { existsSync, mkdirSync, mkdtempSync, readFileSync, rmSync, writeFileSync } from "node:fs";
import os from "node:os";
import path from "node:path";
import Database from "better-sqlite3";
import { fileUnder, openDatabase } from "./connection";
import { takeHouse } from "./inUse";
import { openForServer, troubleOf } from "./trouble";

const folder = mkdtempSync(path.join(os.tmpdir(), "gaffel-trouble-"));
afterAll(() => rmSync(folder, { recursive: true, force: true }));
const fileIn = (name: string) => path.join(folder, name, "gaffel.sqlite");
const kindOf = (file: string) => {
  const opened = openForServer(file);
  return opened.ok ? "open" : opened.error.kind;
};

test("a new house is begun in an empty folder, and a second server is turned away", () => {
  const file = fileIn("new");
  expect(kindOf(file)).toBe("open");
  expect(kindOf(file)).toBe("in-use");
});

test("a house that a newer Gaffel wrote is not touched", () => {
  const file = fileIn("newer");
  const db = openDatabase(file);
  fileUnder(db).exec("insert into __drizzle_migrations (hash, created_at) values ('of next year', 9999999999999)");
  fileUnder(db).close();
  const before = readFileSync(file);
  expect(kindOf(file)).toBe("newer");
  expect(readFileSync(file)).toEqual(before);
});

test("a file that is no house is said to be damaged and stays as it is", () => {
  const file = fileIn("torn");
  mkdirSync(path.dirname(file), { recursive: true });
  writeFileSync(file, "what is left of a house after a bad night".repeat(200));
  expect(kindOf(file)).toBe("damaged");
  expect(readFileSync(file, "utf8")).toMatch(/^what is left/);
});

test("where copies lie and the file is gone nothing is begun in its place", () => {
  const file = fileIn("gone");
  mkdirSync(path.join(path.dirname(file), "backups"), { recursive: true });
  writeFileSync(path.join(path.dirname(file), "backups", "gaffel-2026-05-12-0400.sqlite"), "");
  expect(kindOf(file)).toBe("missing");
  expect(existsSync(file)).toBe(false);
});

test("a disk that is full, and a file that may not be written, are told from other faults as SQLite tells them", () => {
  const file = fileIn("small");
  fileUnder(openDatabase(file)).close();
  const small = new Database(file);
  small.pragma("max_page_count = 1");
  const failing = (work: () => unknown) => {
    try {
      work();
    } catch (problem) {
      return troubleOf(problem)?.kind ?? "no trouble of the file";
    }
    return "done";
  };
  const many =
    "insert into intentions select hex(randomblob(40)), hex(randomblob(4000)), 0, '{}' from (values (1), (2), (3))";
  expect(failing(() => Array.from({ length: 200 }, () => small.exec(many)))).toBe("full");
  const readOnly = new Database(file, { readonly: true });
  expect(failing(() => readOnly.exec(many))).toBe("read-only");
  expect(failing(() => small.exec("insert into house (id) values (2)"))).toBe("no trouble of the file");
  small.close();
  readOnly.close();
  expect(takeHouse(file)).not.toBeNull();
});
