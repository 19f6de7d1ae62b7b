// Checks the seals of a house without Gaffel: node scripts/check-seals.mjs ARCHIVE.json [SEAL KEPT ELSEWHERE]
// Plain Node and nothing else; docs/seal.md says in words what it does.
import { createHash } from "node:crypto";
import { createReadStream } from "node:fs";
import { createInterface } from "node:readline";

/** Canonical JSON (RFC 8785): keys in the order of their UTF-16 units, numbers and strings as ECMAScript writes them. */
function canonical(value) {
  if (Array.isArray(value)) return `[${value.map(canonical).join(",")}]`;
  if (value === null || typeof value !== "object") return JSON.stringify(value);
  const keys = Object.keys(value).sort();
  return `{${keys.map((key) => `${JSON.stringify(key)}:${canonical(value[key])}`).join(",")}}`;
}

/** The last entry as the first line of an archive names it. */
function headOf(line) {
  try {
    const about = JSON.parse(line.replace(/,"tables":\{$/, "}"));
    if (about.format === "gaffel-house") return about.head ?? undefined;
  } catch {
    // said below
  }
  console.error("This is no archive of a house.");
  process.exit(1);
}

const [archive, kept] = process.argv.slice(2);
if (!archive) {
  console.error("Say which archive: node scripts/check-seals.mjs ARCHIVE.json [SEAL]");
  process.exit(1);
}

let columns = null;
let before = { seq: 0, hash: "0".repeat(64) };
let keptAt = null;
let head = null;
for await (const line of createInterface({ input: createReadStream(archive, "utf8"), crlfDelay: Infinity })) {
  if (head === null) head = headOf(line);
  const table = /^"(\w+)":\{"columns":(\[.*?\]),"rows":/.exec(line);
  if (table) columns = table[1] === "ledger" ? JSON.parse(table[2]) : null;
  else if (columns && line.startsWith("[")) {
    const row = JSON.parse(line.replace(/,$/, "").replace(/\]\]\}$/, "]"));
    const entry = Object.fromEntries(columns.map((column, index) => [column, row[index]]));
    const body = {
      prevHash: entry.prev_hash,
      atMs: entry.at_ms,
      who: entry.who,
      kind: entry.kind,
      lotId: entry.lot_id,
      batchId: entry.batch_id,
      cookId: entry.cook_id,
      correctsSeq: entry.corrects_seq,
      payload: JSON.parse(entry.payload),
    };
    const hash = createHash("sha256").update(canonical(body)).digest("hex");
    if (entry.seq !== before.seq + 1 || entry.prev_hash !== before.hash || entry.hash !== hash) {
      console.error(`Entry ${entry.seq} or the one before it was changed, moved or left out.`);
      process.exit(1);
    }
    if (hash === kept) keptAt = entry.seq;
    before = { seq: entry.seq, hash };
  }
}
if (head && (head.seq !== before.seq || head.hash !== before.hash)) {
  console.error(`The end is missing: the archive says it ends with entry ${head.seq}.`);
  process.exit(1);
}
if (kept && keptAt === null) {
  console.error(
    `The ${before.seq} seals fit each other, but no entry has the seal that was kept: the book was rewritten or cut off.`,
  );
  process.exit(1);
}
console.log(
  `${before.seq} entries, each seal fits the one before, the last is ${before.hash}.${keptAt ? ` The kept seal is that of entry ${keptAt}.` : ""}`,
);
