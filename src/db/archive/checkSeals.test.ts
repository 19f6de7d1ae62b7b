import { spawnSync } from "node:child_process";
import { mkdtempSync, rmSync, writeFileSync } from "node:fs";
import os from "node:os";
import path from "node:path";
import { fileUnder, openDatabase } from "../connection";
import { openHouse } from "../house/house";
import { appendEntry, headAt } from "../ledger";
import { archiveParts } from "./write";

const NOW = Date.UTC(2026, 4, 12, 15);
const folder = mkdtempSync(path.join(os.tmpdir(), "gaffel-seal-"));
afterAll(() => rmSync(folder, { recursive: true, force: true }));

const db = openDatabase(path.join(folder, "gaffel.sqlite"));
openHouse(db, { name: "Øl", timeZone: "UTC", units: "metric", ruleSetId: "eu-853", cooks: ["Anu"], coldRoomC: 1 }, NOW);
for (const note of ['a "b"', "é\u2028\n", "1e-7", "\ud83d\udc1f"])
  appendEntry(db, {
    atMs: NOW,
    who: "Anu",
    kind: "handover-left",
    // more than the entry says now: numbers, lists and the order of keys are sealed as they come
    payload: { z: 1e-7, note, a: [1.5, null, true, 1e21] } as { readonly note: string },
  });
const text = [...archiveParts(fileUnder(db))].join("");
const kept = headAt(db, NOW + 1)!.hash;

const check = (archive: string, ...words: string[]) => {
  const file = path.join(folder, "archive.json");
  writeFileSync(file, archive);
  const { status, stdout, stderr } = spawnSync(process.execPath, ["scripts/check-seals.mjs", file, ...words], {
    encoding: "utf8",
  });
  return { status, said: `${stdout}${stderr}` };
};

test("a script that knows nothing of Gaffel finds every seal whole, and a kept one among them", () => {
  expect(check(text)).toMatchObject({ status: 0, said: expect.stringMatching(/^5 entries, each seal fits/) });
  expect(check(text, kept).said).toMatch(/kept seal is that of entry 5/);
});

test("a changed entry, the last one cut off, and a seal that is in the book no more are each found", () => {
  expect(check(text.replace("handover-left", "handover-taken"))).toMatchObject({
    status: 1,
    said: expect.stringMatching(/Entry 2/),
  });
  const lines = text.split("\n");
  const last = lines.findLastIndex((line) => line.includes(kept));
  const cut = lines
    .map((line, at) => (at === last - 1 ? line.replace(/,$/, "]},") : line))
    .filter((_, at) => at !== last);
  expect(check(cut.join("\n"))).toMatchObject({ status: 1, said: expect.stringMatching(/end is missing/) });
  expect(check(text, "0".repeat(64))).toMatchObject({
    status: 1,
    said: expect.stringMatching(/no entry has the seal/),
  });
});
