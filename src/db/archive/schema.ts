import { z } from "zod";
import { FORMAT } from "./write";

const Cell = z.union([
  z.string(),
  z.number(),
  z.null(),
  z.strictObject({ base64: z.string() }).describe("Bytes, as of a paper or a photograph."),
]);
const Sum = z.strictObject({ rows: z.number().int(), sum: z.string().regex(/^[0-9a-f]{64}$/) });

/** An archive of a house as others read it; `docs/archive.schema.json` is made of this. */
export const Archive = z
  .strictObject({
    format: z.literal(FORMAT),
    version: z.literal(1),
    migration: z.string().describe("The last change of the tables the writer knew."),
    head: z
      .strictObject({ seq: z.number().int(), hash: z.string() })
      .nullable()
      .describe("The last entry of the book; null: it is empty."),
    sums: z
      .record(z.string(), Sum)
      .describe("What each table of evidence comes to: rows, and the sum over the SHA-256 of each row modulo 2^256."),
    tables: z.record(
      z.string(),
      z.strictObject({
        columns: z.array(z.string()),
        rows: z.array(z.array(Cell)).describe("A value for each column, in that order; each row on a line of its own."),
      }),
    ),
  })
  .describe("A house of Gaffel: every table but keys, tablets and secrets.");
