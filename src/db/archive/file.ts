import { existsSync } from "node:fs";
import Database from "better-sqlite3";
import { err, ok, type Result } from "@/core/shared";
import type { Fault } from "../backup";
import { archiveParts } from "./write";

/** Writes the house of a file out as one archive, part by part, while others may go on writing in it. */
export function exportHouse(file: string, write: (text: string) => void): Result<null, Fault> {
  if (!existsSync(file)) return err({ kind: "no-file" });
  let sqlite: InstanceType<typeof Database> | null = null;
  try {
    sqlite = new Database(file, { readonly: true, fileMustExist: true });
    for (const part of archiveParts(sqlite)) write(part);
    return ok(null);
  } catch (problem) {
    return err({ kind: "damaged", why: problem instanceof Error ? problem.message : String(problem) });
  } finally {
    sqlite?.close();
  }
}

/** Parts gathered into one piece of the stream, characters. */
const PIECE = 64 * 1024;

/** The same as a stream: a piece is read when it is asked for, and the server answers others in between. */
export function archiveStream(file: string): ReadableStream<Uint8Array> {
  const sqlite = new Database(file, { readonly: true, fileMustExist: true });
  const parts = archiveParts(sqlite);
  const encoder = new TextEncoder();
  const end = () => {
    parts.return(undefined);
    sqlite.close();
  };
  return new ReadableStream<Uint8Array>({
    async pull(controller) {
      await new Promise((resolve) => setImmediate(resolve));
      let piece = "";
      for (let next = parts.next(); ; next = parts.next()) {
        if (next.done) {
          if (piece !== "") controller.enqueue(encoder.encode(piece));
          end();
          controller.close();
          return;
        }
        piece += next.value;
        if (piece.length >= PIECE) break;
      }
      controller.enqueue(encoder.encode(piece));
    },
    cancel: end,
  });
}
