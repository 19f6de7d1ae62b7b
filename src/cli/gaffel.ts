import { readFileSync } from "node:fs";
import { prepareVerb, runVerbOnText, VERB_NAMES } from "@/verbs";

const BAD_INPUT = 2;

function refuse(path: string, message: string): never {
  process.stderr.write(`${JSON.stringify({ error: { path, message } })}\n`);
  process.exit(BAD_INPUT);
}

const [name, ...rest] = process.argv.slice(2);
if (name === undefined || rest.length > 0) refuse("verb", `give one verb: ${VERB_NAMES.join(", ")}`);
await prepareVerb(name, () => performance.now() / 1000);
const answer = runVerbOnText(name, readFileSync(0, "utf8"));
if (answer === null) refuse("verb", `no verb "${name}"; there are ${VERB_NAMES.join(", ")}`);
if (!answer.ok) refuse(answer.error.path, answer.error.message);
process.stdout.write(`${JSON.stringify(answer.value)}\n`);
