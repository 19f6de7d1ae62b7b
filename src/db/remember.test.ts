import { mkdtempSync, rmSync } from "node:fs";
import os from "node:os";
import path from "node:path";
import Database from "better-sqlite3";
import { eq, gte } from "drizzle-orm";
import fc from "fast-check";
import { fileUnder, openDatabase } from "./connection";
import { onceASecond, remembering, rememberingSince } from "./remember";
import { boardWashes } from "./schema/block";
import { places, staff } from "./schema/house";

const folder = mkdtempSync(path.join(os.tmpdir(), "gaffel-remember-"));
afterAll(() => rmSync(folder, { recursive: true, force: true }));

let asked = 0;
const names = remembering([staff], (db) => {
  asked++;
  return db
    .select({ name: staff.name })
    .from(staff)
    .all()
    .map(({ name }) => name)
    .sort();
});

const fresh = () => {
  asked = 0;
  return openDatabase(":memory:");
};

test("what is asked twice is read once, until somebody writes to that table", () => {
  const db = fresh();
  expect([names(db), names(db)]).toEqual([[], []]);
  db.insert(places).values({ id: "p", name: "Room", setC: 1 }).run();
  names(db);
  expect(asked).toBe(1);
  db.insert(staff).values({ id: "a", name: "Ylva" }).run();
  expect(names(db)).toEqual(["Ylva"]);
  db.update(staff).set({ name: "Ben" }).where(eq(staff.id, "a")).run();
  expect(names(db)).toEqual(["Ben"]);
  db.delete(staff).run();
  expect([names(db), names(db), asked]).toEqual([[], [], 4]);
});

test("within a transaction the file is asked, and what is taken back was never remembered", () => {
  const db = fresh();
  names(db);
  expect(() =>
    db.transaction((tx) => {
      tx.insert(staff).values({ id: "a", name: "Ylva" }).run();
      expect(names(tx)).toEqual(["Ylva"]);
      expect(names(db)).toEqual(["Ylva"]);
      throw new Error("taken back");
    }),
  ).toThrow("taken back");
  expect(names(db)).toEqual([]);
});

test("what another process writes is seen, and what is given to one caller nobody can change for the others", () => {
  const file = path.join(folder, "gaffel.sqlite");
  const db = openDatabase(file);
  expect(names(db)).toEqual([]);
  // a process that knows nothing of this one; the seals are not its concern
  const other = new Database(file);
  for (const trigger of other.prepare("select name from sqlite_master where type = 'trigger'").pluck().all())
    other.exec(`drop trigger "${String(trigger)}"`);
  other.prepare("insert into staff (id, name) values ('b', 'Jonas')").run();
  other.close();
  expect(names(db)).toEqual(["Jonas"]);
  expect(() => (names(db) as string[]).push("Ylva")).toThrow("not extensible");
  fileUnder(db).close();
});

test("whatever is written, alone or in a transaction that holds or not, an answer is what the file says", () => {
  const write = fc.record({
    id: fc.constantFrom("a", "b", "c"),
    how: fc.constantFrom("in", "out", "name"),
    together: fc.constantFrom("alone", "kept", "taken back"),
  });
  fc.assert(
    fc.property(fc.array(write, { maxLength: 12 }), (writes) => {
      const db = fresh();
      writes.forEach(({ id, how, together }, index) => {
        const one = (to: Pick<typeof db, "insert" | "update" | "delete">) => {
          if (how === "in")
            to.insert(staff)
              .values({ id, name: `${id}${index}` })
              .onConflictDoNothing()
              .run();
          if (how === "out") to.delete(staff).where(eq(staff.id, id)).run();
          if (how === "name")
            to.update(staff)
              .set({ name: `n${index}` })
              .where(eq(staff.id, id))
              .run();
        };
        if (together === "alone") one(db);
        else
          try {
            db.transaction((tx) => {
              one(tx);
              names(db);
              if (together === "taken back") throw new Error();
            });
          } catch {
            // as wanted
          }
        const there = fileUnder(db).prepare("select name from staff order by name").pluck().all();
        expect(names(db)).toEqual(there);
      });
      fileUnder(db).close();
    }),
    { numRuns: 60 },
  );
});

test("what came since a moving moment is read once an hour, and never tells more than since that moment", () => {
  let reads = 0;
  const washes = rememberingSince(
    [boardWashes],
    (db, sinceMs) => {
      reads++;
      return db.select().from(boardWashes).where(gte(boardWashes.atMs, sinceMs)).all();
    },
    ({ atMs }) => atMs,
  );
  const db = fresh();
  const noonMs = Date.UTC(2026, 4, 12, 12);
  const wash = (minute: number) =>
    db
      .insert(boardWashes)
      .values({ colour: "blue", atMs: noonMs + minute * 60_000, who: "Ylva" })
      .run();
  const since = (minute: number) => washes(db, noonMs + minute * 60_000).map(({ atMs }) => (atMs - noonMs) / 60_000);
  [-5, 10, 20].forEach(wash);
  expect([since(0), since(10), since(11), since(59)]).toEqual([[10, 20], [10, 20], [20], []]);
  expect(reads).toBe(1);
  expect(since(-10)).toEqual([-5, 10, 20]);
  wash(30);
  expect(since(11)).toEqual([20, 30]);
  expect(reads).toBe(3);
});

describe("what depends on the moment", () => {
  const noonMs = Date.UTC(2026, 4, 12, 12);

  test("is worked out once a second for all who ask, anew after any write and in the next second, and apart from what else is asked", () => {
    const db = fresh();
    let works = 0;
    const ask = (ms: number, key = "line") => onceASecond(db, noonMs + ms, key, () => `${key} ${++works}`);
    expect([ask(0), ask(999), ask(0, "cards"), ask(1)]).toEqual(["line 1", "line 1", "cards 2", "line 1"]);
    expect([ask(1000), ask(1999)]).toEqual(["line 3", "line 3"]);
    db.insert(places).values({ id: "p", name: "Room", setC: 1 }).run();
    expect(ask(1999)).toBe("line 4");
    db.transaction((tx) => expect(onceASecond(tx, noonMs + 1999, "line", () => "asked within")).toBe("asked within"));
    expect(ask(1999)).toBe("line 4");
  });

  test("is asked anew where working it out failed", async () => {
    const db = fresh();
    const tries = [() => Promise.reject(new Error("no thread")), () => Promise.resolve("there")];
    const ask = () => onceASecond(db, noonMs, "line", () => tries.shift()!());
    await expect(ask()).rejects.toThrow("no thread");
    expect([await ask(), await ask(), tries.length]).toEqual(["there", "there", 0]);
  });
});
