import { Zip, ZipDeflate } from "fflate";
import { toCsv } from "./csv";

/** Rows made into text at once: the server answers others in between. */
const AT_ONCE = 2000;
/** Every file in the archive bears one moment, so that the same tables are the same bytes. */
const MOMENT = new Date("2000-01-01T00:00:00Z");

type Table = { readonly name: string; readonly rows: Iterable<readonly string[]> };

function* parts(rows: Iterable<readonly string[]>): Generator<string> {
  let some: (readonly string[])[] = [];
  for (const row of rows) {
    some.push(row);
    if (some.length < AT_ONCE) continue;
    yield toCsv(some);
    some = [];
  }
  yield some.length === 0 ? "" : toCsv(some);
}

/** One zip of all tables as CSV, UTF-8 with its mark, formulas made harmless; made part by part as it is read. */
export function csvZip(tables: Iterable<Table>): ReadableStream<Uint8Array> {
  const encoder = new TextEncoder();
  let work: Iterator<void>;
  let sent = 0;
  const steps = function* (zip: Zip): Generator<void> {
    for (const { name, rows } of tables) {
      const file = new ZipDeflate(`${name}.csv`, { level: 6 });
      file.mtime = MOMENT;
      zip.add(file);
      file.push(encoder.encode("\uFEFF"));
      for (const part of parts(rows)) {
        file.push(encoder.encode(part));
        yield;
      }
      file.push(new Uint8Array(), true);
    }
    zip.end();
  };
  return new ReadableStream<Uint8Array>({
    start(controller) {
      const zip = new Zip((problem, chunk, final) => {
        if (problem) controller.error(problem);
        else {
          if (chunk.length > 0) controller.enqueue(chunk);
          sent += chunk.length;
          if (final) controller.close();
        }
      });
      work = steps(zip);
    },
    async pull() {
      // a stream that was given nothing does not ask again
      const before = sent;
      for (let done = false; !done && sent === before;) {
        await new Promise((resolve) => setImmediate(resolve));
        done = work.next().done ?? false;
      }
    },
    cancel() {
      work.return?.();
    },
  });
}
