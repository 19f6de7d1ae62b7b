import { randomBytes } from "node:crypto";
import { mkdirSync, readFileSync, writeFileSync } from "node:fs";
import path from "node:path";
import { houseFile } from "../connection";

const SECRET_BYTES = 32;
const shared = globalThis as typeof globalThis & { gaffelSecret?: string };

function readOrMake(file: string): string {
  try {
    const known = readFileSync(file, "utf8").trim();
    if (known.length >= SECRET_BYTES) return known;
  } catch {
    // none yet
  }
  const made = randomBytes(SECRET_BYTES).toString("base64url");
  mkdirSync(path.dirname(file), { recursive: true, mode: 0o700 });
  writeFileSync(file, `${made}\n`, { mode: 0o600 });
  return made;
}

/** What seals the sessions of this house. It lies beside the house file and goes into no export: tablets are let in anew after a restore. */
export const sessionSecret = (): string =>
  (shared.gaffelSecret ??= readOrMake(
    path.join(path.dirname(path.resolve(/* turbopackIgnore: true */ houseFile())), "session.key"),
  ));
