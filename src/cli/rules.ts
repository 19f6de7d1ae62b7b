// Writes docs/rules.md: rule set against question, from the data the verdicts use.
import { writeFileSync } from "node:fs";
import { rulesDocument } from "@/core/safety";
import { inMetric } from "@/words/say";

const FILE = "docs/rules.md";
writeFileSync(FILE, rulesDocument(inMetric));
process.stdout.write(`${FILE} written\n`);
