import path from "node:path";
import { houseFile } from "@/db/connection";
import { stateWords } from "@/words/told/stateWords";
import { backUp, checkFile, type Fault } from "@/db/backup";

const USE = "npm run house -- backup FOLDER | check [FILE]";

const say = (line: string): void => void process.stdout.write(`${line}\n`);
function fail(line: string): never {
  process.stderr.write(`${line}\n`);
  process.exit(1);
}

/** What is wrong with a house file, and what to do. */
function faultWords(file: string, fault: Fault): string {
  switch (fault.kind) {
    case "no-file":
      return `There is no house in ${file}. GAFFEL_DATA names the folder it is kept in.`;
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

/** A moment as the end of a file's name: 2026-05-12-1830. */
const stampOf = (now: Date): string => now.toISOString().slice(0, 16).replace("T", "-").replace(":", "");

const [verb, given, ...rest] = process.argv.slice(2);
const file = path.resolve(houseFile());
if (rest.length > 0) fail(`Too many words: ${USE}`);
if (verb === "backup" && given !== undefined) {
  const done = backUp(file, path.resolve(given), stampOf(new Date()));
  if (!done.ok) fail(`No backup was kept. ${faultWords(file, done.error)}`);
  say(`Kept in ${done.value.copy}: read through, ${done.value.entries} entries, every seal fits.`);
} else if (verb === "check") {
  const asked = given === undefined ? file : path.resolve(given);
  const found = checkFile(asked);
  if (!found.ok) fail(faultWords(asked, found.error));
  say(
    `${asked} can be read through, and every seal of its ${found.value.entries} entries fits; ${found.value.rows} rows of its tables come to their sums.`,
  );
} else fail(`Say what to do: ${USE}`);
