import { is } from "drizzle-orm";
import { getTableConfig, SQLiteTable } from "drizzle-orm/sqlite-core";
import { fileUnder, openDatabase } from "../connection";
import * as block from "./block";
import * as cards from "./cards";
import * as checks from "./checks";
import * as cooks from "./cooks";
import * as doors from "./doors";
import * as house from "./house";
import * as intentions from "./intentions";
import * as larder from "./larder";
import * as ledger from "./ledger";
import * as line from "./line";
import * as lots from "./lots";
import * as orders from "./orders";
import * as seals from "./seals";
import * as stove from "./stove";

const modules = [
  block,
  cards,
  checks,
  cooks,
  doors,
  house,
  intentions,
  larder,
  ledger,
  line,
  lots,
  orders,
  seals,
  stove,
];
const tables = modules
  .flatMap((module) => Object.values<unknown>(module))
  .filter((one) => is(one, SQLiteTable))
  .map((table) => getTableConfig(table));

/** The file as the migrations make it, one after the other. */
const file = fileUnder(openDatabase(":memory:"));
type Column = { readonly name: string; readonly type: string; readonly notnull: 0 | 1; readonly pk: number };
type ForeignKey = { readonly table: string; readonly from: string; readonly to: string };
type Index = { readonly name: string; readonly unique: 0 | 1; readonly origin: "c" | "u" | "pk" };

const sorted = <T>(of: readonly T[]) => of.map((one) => JSON.stringify(one)).sort();

describe.each(tables.map((table) => [table.name, table] as const))("%s", (name, table) => {
  test("has the columns that the queries are written for", () => {
    const inFile = (file.pragma(`table_info("${name}")`) as readonly Column[]).map(
      ({ name: column, type, notnull, pk }) => ({
        column,
        type: type.toLowerCase(),
        needed: notnull === 1 || pk > 0,
      }),
    );
    const keyed = new Set(table.primaryKeys.flatMap(({ columns }) => columns.map((column) => column.name)));
    const inCode = table.columns.map((column) => ({
      column: column.name,
      type: column.getSQLType().toLowerCase(),
      needed: column.notNull || column.primary || keyed.has(column.name),
    }));
    expect(sorted(inFile)).toEqual(sorted(inCode));
  });

  test("points where the code says it points", () => {
    const inFile = (file.pragma(`foreign_key_list("${name}")`) as readonly ForeignKey[]).map(({ table: to, from }) => ({
      from,
      to,
    }));
    const inCode = table.foreignKeys.flatMap((key) => {
      const { columns, foreignTable } = key.reference();
      return columns.map(({ name: from }) => ({ from, to: getTableConfig(foreignTable).name }));
    });
    expect(sorted(inFile)).toEqual(sorted(inCode));
  });

  test("is found by the indexes the code names", () => {
    const inFile = (file.pragma(`index_list("${name}")`) as readonly Index[])
      .filter(({ origin }) => origin === "c")
      .map((index) => ({ name: index.name, unique: index.unique === 1 }));
    const inCode = table.indexes.map(({ config }) => ({ name: config.name, unique: config.unique }));
    const uniqueColumns = table.columns
      .filter(({ isUnique }) => isUnique)
      .map(({ uniqueName }) => ({ name: uniqueName!, unique: true }));
    expect(sorted(inFile)).toEqual(sorted([...inCode, ...uniqueColumns]));
  });
});

test("no table stands in the file that the code does not know, but for the migrations' own", () => {
  const inFile = file
    .prepare("select name from sqlite_master where type = 'table' and name not like 'sqlite_%'")
    .pluck()
    .all() as readonly string[];
  const known = new Set(tables.map(({ name }) => name));
  expect(inFile.filter((name) => !known.has(name))).toEqual(["__drizzle_migrations"]);
});
