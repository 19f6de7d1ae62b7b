import { mkdtempSync, rmSync } from "node:fs";
import os from "node:os";
import path from "node:path";
import { fileUnder, openDatabase } from "../connection";
import { checkLedger } from "../ledger";
import { findLot, lotsOnIce } from "../lots/lots";
import { openCooks } from "../stove/cooks";
import { fillOldHouse } from "./oldHouse.testkit";
import { oldFile, RELEASES } from "./oldFile.testkit";
import { QUERIES } from "./queries.testkit";

const folder = mkdtempSync(path.join(os.tmpdir(), "gaffel-releases-"));
afterAll(() => rmSync(folder, { recursive: true }));

describe.each(RELEASES.map(({ tag }, index) => [tag, index + 1] as const))(
  "a house as release %s left it",
  (tag, release) => {
    const file = path.join(folder, `${tag}.sqlite`);
    const old = oldFile(file, release);
    const before = fillOldHouse(old, release);
    old.close();
    const db = openDatabase(file);

    test("every query reads it", () => {
      const refused = Object.entries(QUERIES).flatMap(([name, query]) => {
        try {
          query(db);
          return [];
        } catch (problem) {
          return [`${name}: ${problem instanceof Error ? problem.message : String(problem)}`];
        }
      });
      expect(refused).toEqual([]);
    });

    test("nothing of it is lost, and what it said is said still", () => {
      const count = (table: string) =>
        (fileUnder(db).prepare(`select count(*) as n from "${table}"`).get() as { readonly n: number }).n;
      for (const table of ["house", "staff", "places", "place_readings", "batches", "portions", "cooks", "ledger"])
        expect([table, count(table)]).toEqual([table, before.get(table)]);
      expect(fileUnder(db).pragma("foreign_key_check")).toEqual([]);
      expect(checkLedger(db)).toEqual({ kind: "whole", entries: 4 });
      expect(
        lotsOnIce(db)
          .map(({ id }) => id)
          .sort(),
      ).toEqual(["belly", "cod", "salmon"]);
      expect(findLot(db, "cod")).toMatchObject({
        massG: 4000,
        remainingG: 2000,
        grades: { skin: 0, eyes: 1 },
        verdict: "accept",
        supplier: "Landing",
      });
      expect(openCooks(db)).toMatchObject([
        {
          plan: {
            methodId: "skin-then-oven",
            shape: { kind: "slab", thicknessMm: 28 },
            answer: { stageSeconds: [140, 60, 60], rimMm: 0, safety: { figure: "law", reached: true } },
          },
        },
      ]);
    });
  },
);
