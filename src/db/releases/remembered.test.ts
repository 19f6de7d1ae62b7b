import { mkdtempSync, rmSync } from "node:fs";
import os from "node:os";
import path from "node:path";
import { getTableName, type Table } from "drizzle-orm";
import { fileUnder, openDatabase, type Db } from "../connection";
import { fillOldHouse } from "./oldHouse.testkit";
import { oldFile, RELEASES } from "./oldFile.testkit";
import { QUERIES } from "./queries.testkit";

type Read = (db: Db, ...args: unknown[]) => unknown;
/** What a reading that is remembered looked into, and what it says it looks into. */
type Look = { readonly said: readonly string[]; readonly statements: string[] };

const looks: Look[] = [];
const open: Look[] = [];

// a reading is asked of the file every time here, so that what an answer kept before would hide is seen
jest.mock("../remember", () => {
  const remembering =
    (tables: readonly Table[], read: Read): Read =>
    (db, ...args) => {
      const look = { said: tables.map(getTableName), statements: [] };
      looks.push(look);
      open.push(look);
      try {
        return read(db, ...args);
      } finally {
        open.pop();
      }
    };
  return { ...jest.requireActual<object>("../remember"), remembering, rememberingSince: remembering };
});

/** The view of lots of fish is read from two tables. */
const tablesOf = (statement: string): readonly string[] =>
  [...statement.matchAll(/\b(?:from|join) "(\w+)"/g)].flatMap(([, name]) =>
    name === "fish_lots" ? ["lots", "fish"] : [name!],
  );

afterAll(() => rmSync(folder, { recursive: true }));
const folder = mkdtempSync(path.join(os.tmpdir(), "gaffel-remembered-"));

test("what is remembered names every table it is read from: a write to one that is left out would not be seen", () => {
  const file = path.join(folder, "gaffel.sqlite");
  const old = oldFile(file, RELEASES.length);
  fillOldHouse(old, RELEASES.length);
  old.close();
  const db = openDatabase(file);
  const sqlite = fileUnder(db);
  const prepare = sqlite.prepare.bind(sqlite);
  sqlite.prepare = ((statement: string) => {
    for (const { statements } of open) statements.push(statement);
    return prepare(statement);
  }) as typeof sqlite.prepare;
  for (const query of Object.values(QUERIES)) query(db);
  const left = looks.flatMap(({ said, statements }) =>
    statements.flatMap((statement) =>
      tablesOf(statement)
        .filter((table) => !said.includes(table))
        .map((table) => `${table}, which ${said.join(", ")} does not name`),
    ),
  );
  expect([...new Set(left)]).toEqual([]);
  // and none of it was in vain: most readings that are remembered were made
  expect(new Set(looks.map(({ said }) => said.join())).size).toBeGreaterThan(25);
  sqlite.close();
});
