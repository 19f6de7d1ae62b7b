// Prints every text of the product by its key, as JSON, for who writes another language: npm run -s words > en.json
import { readdirSync } from "node:fs";
import path from "node:path";
import { tableTexts } from "@/core/shared";
import "@/verbs";

const FOLDER = path.join("src", "words", "en");
const files = readdirSync(FOLDER, { recursive: true, encoding: "utf8" }).filter((file) => file.endsWith(".ts"));
const messages = await Promise.all(
  files.map(async (file) => {
    const name = file.replaceAll(path.sep, ".").replace(/\.ts$/, "");
    return [name, Object.values((await import(path.resolve(FOLDER, file))) as object)[0]] as const;
  }),
);
process.stdout.write(
  `${JSON.stringify({ ...Object.fromEntries(messages), tables: Object.fromEntries(tableTexts()) }, null, 2)}\n`,
);
