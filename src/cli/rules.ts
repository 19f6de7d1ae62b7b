// Writes docs/rules.md: rule set against question, from the data the verdicts use.
import { writeFileSync } from "node:fs";
import { rulesDocument } from "@/core/safety";

const FILE = "docs/rules.md";
writeFileSync(FILE, rulesDocument());
process.stdout.write(`${FILE} written\n`);
