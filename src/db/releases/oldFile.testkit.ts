import { readFileSync } from "node:fs";
import Database from "better-sqlite3";
import { teach } from "../connection";

type Journal = { readonly entries: readonly { readonly tag: string; readonly when: number }[] };

/** Every release, the first one first. */
export const RELEASES = (JSON.parse(readFileSync("drizzle/meta/_journal.json", "utf8")) as Journal).entries;

/** A house file as the release with the first `migrations` migrations left it. */
export function oldFile(file: string, migrations: number): InstanceType<typeof Database> {
  const old = new Database(file);
  teach(old);
  old.exec(
    "create table __drizzle_migrations (id integer primary key autoincrement, hash text not null, created_at numeric)",
  );
  for (const { tag, when } of RELEASES.slice(0, migrations)) {
    for (const statement of readFileSync(`drizzle/${tag}.sql`, "utf8").split("--> statement-breakpoint"))
      old.exec(statement);
    old.prepare("insert into __drizzle_migrations (hash, created_at) values (?, ?)").run(tag, when);
  }
  return old;
}
