import { mkdtempSync, rmSync, writeFileSync } from "node:fs";
import os from "node:os";
import path from "node:path";
import { fileUnder, openDatabase, type Db } from "@/db/connection";
import { makeDemoHouse } from "./house";

/** Demo houses of one moment, each a house of its own: the first is made, which takes seconds, the others are copies of it. */
export function demoCopies(nowMs: number): () => Db {
  const folder = mkdtempSync(path.join(os.tmpdir(), "gaffel-demo-"));
  afterAll(() => rmSync(folder, { recursive: true, force: true }));
  let made: Buffer | null = null;
  let copies = 0;
  const make = () => {
    const first = openDatabase(":memory:");
    makeDemoHouse(first, nowMs);
    return fileUnder(first).serialize();
  };
  return () => {
    made ??= make();
    const copy = path.join(folder, `${copies++}.sqlite`);
    writeFileSync(copy, made);
    const db = openDatabase(copy);
    // no power cut is tried here
    fileUnder(db).pragma("synchronous = OFF");
    return db;
  };
}
