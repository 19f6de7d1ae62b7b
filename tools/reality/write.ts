// Writes docs/reality-check.md: what cooks say, held against the model, misses included.
import { writeFileSync } from "node:fs";
import { realityDocument } from "./document";

const FILE = "docs/reality-check.md";
writeFileSync(FILE, realityDocument());
process.stdout.write(`${FILE} written\n`);
