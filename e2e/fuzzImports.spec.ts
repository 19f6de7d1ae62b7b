import { mkdtempSync, readdirSync, rmSync, writeFileSync } from "node:fs";
import os from "node:os";
import path from "node:path";
import { expect, test } from "@playwright/test";
import fc from "fast-check";
import { dishOf } from "@/core/cards";
import { exportHouse } from "@/db/archive/file";
import { importArchive } from "@/db/archive/read";
import { boughtGoods } from "@/db/butter/goods";
import { findSauce } from "@/db/butter/specs";
import { findCard } from "@/db/cards/cardSpecs";
import { openCardFile } from "@/db/cards/openFile";
import { cardWorld } from "@/db/cards/world";
import { fileUnder, openDatabase } from "@/db/connection";
import { findHouse } from "@/db/house/house";
import { checkLedger } from "@/db/ledger";
import { makeDemoHouse } from "@/demo/house";
import { readAdviceCsv } from "@/exchange/adviceCsv";
import { DELIVERY_COLUMNS, readDeliveryCsv, writeDeliveryCsv } from "@/exchange/deliveryCsv";
import { readEpcis, writeEpcis, type ReceivedDraft } from "@/exchange/epcis";
import { readForeignRecipe } from "@/exchange/foreignRecipe";
import { readLoggerFile } from "@/exchange/loggerFile";
import { readCardFile, writeCardFile } from "@/house/cards/cardFile";
import { bodies, spoiledText } from "./hostile";

/** Files in all; the whole of it is `npm run fuzz`. */
const COUNT = Number(process.env["GAFFEL_FUZZ"] ?? 400);
const SEED = 20_260_512;
/** A file of a few hundred bytes that takes longer hangs. */
const LONGEST_MS = 2000;

const folder = mkdtempSync(path.join(os.tmpdir(), "gaffel-fuzz-"));
test.afterAll(() => rmSync(folder, { recursive: true, force: true }));

const DRAFT: ReceivedDraft = {
  supplier: "Kaldfjord Fiskemottak",
  speciesId: "cod",
  form: "whole-gutted",
  frozen: false,
  production: "wild",
  area: "FAO 27.2.a",
  gear: "Longline",
  source: "Nattkrok",
  caughtOn: "2026-05-10",
  massG: 5200,
  statedMassG: 5300,
  pricePerKg: 9.4,
  receiptC: 0.8,
  grades: { skin: 0, eye: 1 },
  provenance: {},
  code: "C-1",
  receivedAtMs: Date.UTC(2026, 4, 11),
  houseName: "Test Quay",
};

const CELLS = ["Kaldfjord", "Gadus morhua", "cod", "12,5", "-1", "2026-05-11", "31.02.2026", "yes", "", "-20 °C"];

/** A table with good heads and cells that are sometimes what belongs there. */
const tables = (heads: readonly string[], count: number, seed: number) =>
  fc
    .sample(fc.array(fc.array(fc.constantFrom(...CELLS), { maxLength: heads.length + 1 }), { maxLength: 8 }), {
      numRuns: count,
      seed,
    })
    .map((rows) => [heads, ...rows].map((row) => row.join(";")).join("\n"));

test("whatever file is opened is read in time or refused in words, and what is refused wrote nothing", async () => {
  test.setTimeout(3_600_000);
  const file = path.join(folder, "gaffel.sqlite");
  const db = openDatabase(file);
  const nowMs = Date.UTC(2026, 4, 12);
  makeDemoHouse(db, nowMs);
  const sauce = findSauce(db, "beurre-blanc")!.spec;
  const card = { ...findCard(db, "char")!.spec, sauce: { specId: "mine", share: 1, apart: false } };
  const cardFile = writeCardFile(
    card,
    sauce,
    boughtGoods(db).map(({ good }) => good),
  );
  const epcis: unknown = JSON.parse(JSON.stringify(writeEpcis([DRAFT], [], nowMs, [])));
  const each = Math.ceil(COUNT / 8);
  const wrong: string[] = [];
  /** `read` answers whether anything of it was taken. */
  const tried = (name: string, texts: readonly string[], read: (text: string) => boolean) => {
    const taken = new Set<boolean>();
    for (const text of texts) {
      const startMs = performance.now();
      try {
        taken.add(read(text));
      } catch (problem) {
        wrong.push(`${name}: ${String(problem)} of ${text.slice(0, 300)}`);
      }
      const tookMs = performance.now() - startMs;
      if (tookMs > LONGEST_MS) wrong.push(`${name}: ${Math.round(tookMs)} ms of ${text.slice(0, 300)}`);
    }
    // else the files are too good or too bad to try anything
    expect(taken.size, name).toBe(2);
  };

  tried("EPCIS", bodies(epcis, each, SEED), (text) => {
    const { drafts } = readEpcis(text);
    for (const { massG } of drafts) expect(massG).toBeGreaterThan(0);
    return drafts.length > 0;
  });
  const delivery = writeDeliveryCsv([DRAFT, DRAFT], () => "Gadus morhua");
  const deliveries = [...tables(DELIVERY_COLUMNS, each, SEED), ...spoiledText(delivery, each, SEED)];
  tried("delivery", deliveries, (text) => {
    const { drafts, problems } = readDeliveryCsv(text);
    for (const { reason } of problems) expect(reason).not.toBe("");
    for (const { massG } of drafts) expect(massG).toBeGreaterThan(0);
    return drafts.length > 0;
  });
  const advice = "species;body;rating;date;area\nGadus morhua;Havrådet;best;2026-03-31;FAO 27.4.a\n";
  tried("advice", spoiledText(advice, each, SEED), (text) => {
    const { rows } = readAdviceCsv(text);
    for (const { issuedOn } of rows) expect(Number.isFinite(Date.parse(issuedOn))).toBe(true);
    return rows.length > 0;
  });
  const log = "date;time;temp °C\n2026-05-10;08:00;1,4\n2026-05-10;08:15;1,5\n2026-05-10;08:30;9,9\n";
  tried("logger", spoiledText(log, each, SEED), (text) => {
    const read = readLoggerFile(text, "Europe/Oslo", nowMs);
    for (const { celsius, atMs } of read.ok ? read.value.readings : []) {
      expect(Number.isFinite(celsius) && Number.isFinite(atMs)).toBe(true);
      expect(celsius).toBeGreaterThan(-274);
    }
    return read.ok;
  });
  const recipe = {
    "@type": "Recipe",
    name: "x",
    recipeIngredient: ["170 g cod"],
    recipeInstructions: [{ text: "Fry." }],
  };
  tried("recipe", bodies(recipe, each, SEED), (text) => readForeignRecipe(text).ok);

  const entries = () => fileUnder(db).prepare("select count(*) from ledger").pluck().get() as number;
  const house = findHouse(db)!;
  tried("card", bodies(cardFile, each, SEED), (text) => {
    const before = entries();
    const read = readCardFile(text);
    if (!read.ok) {
      expect(entries()).toBe(before);
      return false;
    }
    const id = openCardFile(db, read.value, { who: "Ylva", atMs: nowMs });
    const dish = dishOf(findCard(db, id)!.spec, cardWorld(db, house, nowMs, new Set()));
    expect(Number.isFinite(dish.energyKcal) && Number.isFinite(dish.massG)).toBe(true);
    return true;
  });
  expect(checkLedger(db).kind).toBe("whole");

  const parts: string[] = [];
  exportHouse(file, (text) => parts.push(text));
  const archive = path.join(folder, "archive.json");
  const into = path.join(folder, "into");
  // a whole archive takes some thirty times as long as the other files
  for (const text of spoiledText(parts.join(""), Math.ceil(each / 10), SEED)) {
    writeFileSync(archive, text);
    const to = path.join(into, "gaffel.sqlite");
    const read = await importArchive(archive, to).catch((problem: unknown) => {
      wrong.push(`archive: ${String(problem)}`);
      return null;
    });
    if (read && !read.ok && readdirSync(into).some((name) => name.startsWith("gaffel.sqlite")))
      wrong.push("half a house");
    rmSync(into, { recursive: true, force: true });
  }
  expect(wrong).toEqual([]);
});
