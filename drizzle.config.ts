import { defineConfig } from "drizzle-kit";

export default defineConfig({
  dialect: "sqlite",
  schema: ["./src/db/schema.ts", "./src/db/schemaBlock.ts", "./src/db/schemaStove.ts"],
  out: "./drizzle",
});
