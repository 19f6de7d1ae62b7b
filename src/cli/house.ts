import { chmodSync, closeSync, fsyncSync, openSync, renameSync, rmSync, writeSync } from "node:fs";
import path from "node:path";
import { exportHouse } from "@/db/archive/file";
import { importArchive, type ImportFault } from "@/db/archive/read";
import { backUp, checkFile, type Fault } from "@/db/backup";
import { houseFileHere } from "@/db/connection";
import { restore, type RestoreFault } from "@/db/restore";
import { stateWords } from "@/words/told/stateWords";

const USE = "npm run house -- export FILE | import FILE | backup FOLDER | restore FILE | check [FILE]";

const say = (line: string): void => void process.stdout.write(`${line}\n`);
function fail(line: string): never {
  process.stderr.write(`${line}\n`);
  process.exit(1);
}

/** What is wrong with a house file, and what to do. */
function faultWords(file: string, fault: Fault | RestoreFault): string {
  switch (fault.kind) {
    case "no-file":
      return `There is no house in ${file}. GAFFEL_DATA names the folder it is kept in.`;
    case "in-use":
      return "A server has this house open. Stop it first.";
    case "damaged":
      return `${file} is damaged: ${fault.why}. Go back to the last backup that passes the check.`;
    case "broken":
      return `${file}: entry ${fault.atSeq} of the book or the one before it was changed outside Gaffel.`;
    case "cut-off":
      return `${file}: ${fault.missing} entries of the book are missing after entry ${fault.afterSeq}.`;
    case "state":
      return `${file}: ${stateWords(fault.state, (atMs) => new Date(atMs).toISOString())}.`;
    case "unguarded":
      return `${file}: what keeps the book from being changed was taken out of it outside Gaffel.`;
  }
}

/** Why an archive was not read in. */
function importWords(archive: string, fault: ImportFault): string {
  switch (fault.kind) {
    case "no-file":
      return `There is no file ${archive}.`;
    case "in-use":
      return "A server has this house open. Stop it first.";
    case "house-is-there":
      return "There is a house here already: an archive is read into an empty one only. GAFFEL_DATA names the folder.";
    case "no-archive":
      return `${archive} is no archive of a house, or was written anew by another program: each row has to stand on its own line.`;
    case "newer":
      return `${archive} was written by a newer Gaffel than this one.`;
    case "bad-line":
      return `${archive}: line ${fault.line} cannot be read, or the file is cut off there.`;
    case "unknown-table":
      return `${archive}: this Gaffel knows no table ${fault.table} of this kind.`;
    case "points-nowhere":
      return `${archive}: a row of ${fault.table} points at one that is not there.`;
    case "not-the-same":
      return `${archive}: ${fault.table} does not come to what the house wrote it came to. It was changed after it was written.`;
  }
}

/** A moment as the end of a file's name: 2026-05-12-1830. */
const stampOf = (now: Date): string => now.toISOString().slice(0, 16).replace("T", "-").replace(":", "");

const file = houseFileHere();
const [verb, given, ...rest] = process.argv.slice(2);

/** Under its own name only when all of it is on the disk. */
function exportTo(target: string): void {
  const part = `${target}.part`;
  const handle = openSync(part, "w", 0o600);
  let rows = 0;
  const done = exportHouse(file, (text) => {
    writeSync(handle, text);
    rows += 1;
  });
  fsyncSync(handle);
  closeSync(handle);
  if (!done.ok) {
    rmSync(part);
    fail(`Nothing was exported. ${faultWords(file, done.error)}`);
  }
  renameSync(part, target);
  chmodSync(target, 0o600);
  say(`The house is written to ${target}, ${rows} lines. Secrets are not in it: tablets, keys and PINs are made anew.`);
}

async function run(): Promise<void> {
  if (rest.length > 0) fail(`Too many words: ${USE}`);
  const target = given === undefined ? undefined : path.resolve(given);
  if (verb === "check") {
    const asked = target ?? file;
    const found = checkFile(asked);
    if (!found.ok) fail(faultWords(asked, found.error));
    const { entries, rows } = found.value;
    say(
      `${asked} can be read through, every seal of its ${entries} entries fits, ${rows} rows of its tables come to their sums.`,
    );
  } else if (target === undefined) fail(`Say what to do: ${USE}`);
  else if (verb === "backup") {
    const done = backUp(file, target, stampOf(new Date()));
    if (!done.ok) fail(`No backup was kept. ${faultWords(file, done.error)}`);
    say(`Kept in ${done.value.copy}: read through, ${done.value.entries} entries, every seal fits.`);
  } else if (verb === "restore") {
    const done = restore(target, file, stampOf(new Date()));
    if (!done.ok) fail(`Nothing was restored. ${faultWords(target, done.error)}`);
    const { before, entries } = done.value;
    say(
      `${file} is the copy now, ${entries} entries. ${before ? `What was there is kept in ${before}.` : "Nothing was there before."}`,
    );
  } else if (verb === "export") exportTo(target);
  else if (verb === "import") {
    const done = await importArchive(target, file);
    if (!done.ok) fail(`Nothing was read in. ${importWords(target, done.error)}`);
    const { rows, tables, entries } = done.value;
    say(
      `${file} is that house now: ${rows} rows of ${tables} tables, ${entries} entries, every seal fits. Make its chef anew.`,
    );
  } else fail(`Say what to do: ${USE}`);
}

run().catch((problem: unknown) =>
  fail(`Nothing was done: ${problem instanceof Error ? problem.message : String(problem)}`),
);
