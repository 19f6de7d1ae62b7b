import { proxy } from "comlink";
import { useEffect, useRef, useState } from "react";
import { said, type Result, type Said } from "@/core/shared";
import type { LoggerPart, LoggerSummary, LoggerWorker } from "../logger.worker";
import { helper } from "./helper";

/** Keeps one part of the readings; null stops the rest. */
type KeepPart = (part: LoggerPart) => Promise<{ readonly added: number } | null>;

export type LoggerFileState =
  | { readonly at: "nothing"; readonly problem: Said | null }
  | { readonly at: "reading"; readonly share: number }
  | { readonly at: "read"; readonly summary: LoggerSummary }
  | { readonly at: "keeping"; readonly summary: LoggerSummary; readonly kept: number };

/** What came of keeping: how many were new, of how many, and whether it went to the end. */
export type Kept = { readonly added: number; readonly given: number; readonly whole: boolean };

/** A reader that tells nothing for so long will tell nothing more, ms. */
const SILENCE_MS = 30_000;
const NO_PART: LoggerPart = { atMs: [], celsius: [] };
const NOTHING: LoggerFileState = { at: "nothing", problem: null };

const openWorker = () =>
  helper<LoggerWorker>(() => new Worker(new URL("../logger.worker.ts", import.meta.url), { type: "module" }));

type Reader = ReturnType<typeof openWorker>;
type LoggerFile = { readonly file: Blob; readonly timeZone: string; readonly nowMs: number };

/** What a reader makes of a file. It tells its share on the way, and is given up once it tells nothing. */
function readWatched(
  reader: Reader,
  { file, timeZone, nowMs }: LoggerFile,
  tell: (share: number) => void,
): Promise<Result<LoggerSummary, Said>> {
  let silence: ReturnType<typeof setTimeout>;
  let over = false;
  const alive = (share: number) => {
    clearTimeout(silence);
    // what it told on the way may come in after its answer
    if (over) return;
    silence = setTimeout(reader.giveUp, SILENCE_MS);
    tell(share);
  };
  return reader
    .ask((remote) => {
      alive(0);
      return remote.read(file, timeZone, nowMs, proxy(alive));
    })
    .catch(() => ({ ok: false, error: said("coldchain.theReaderStopped") }) as const)
    .finally(() => {
      over = true;
      clearTimeout(silence);
    });
}

/** A logger's file: read in a worker with its progress, then handed over part by part; either can be stopped. */
export function useLoggerFile(partRows: number) {
  const [state, setState] = useState<LoggerFileState>(NOTHING);
  const worker = useRef<Reader | null>(null);
  const run = useRef(0);
  const close = () => {
    run.current++;
    worker.current?.close();
    worker.current = null;
  };
  useEffect(() => close, []);

  const read = async (file: Blob, timeZone: string, nowMs: number) => {
    close();
    const mine = run.current;
    setState({ at: "reading", share: 0 });
    const tell = (next: LoggerFileState) => {
      if (run.current === mine) setState(next);
    };
    const reader = (worker.current = openWorker());
    const answer = await readWatched(reader, { file, timeZone, nowMs }, (share) => tell({ at: "reading", share }));
    tell(answer.ok ? { at: "read", summary: answer.value } : { at: "nothing", problem: answer.error });
  };

  /** Stops what runs and lets go of the file. */
  const stop = () => {
    close();
    setState(NOTHING);
  };

  const keep = async (summary: LoggerSummary, keepPart: KeepPart): Promise<Kept> => {
    const mine = run.current;
    let [added, given] = [0, 0];
    for (; given < summary.rows && run.current === mine && worker.current;) {
      setState({ at: "keeping", summary, kept: given });
      const part = await worker.current.ask((remote) => remote.part(given, partRows)).catch(() => NO_PART);
      // a reader that fell over has let go of the file: what was kept stays, and the rest wants the file again
      const done = run.current === mine && part.atMs.length > 0 ? await keepPart(part) : null;
      if (!done) break;
      added += done.added;
      given += part.atMs.length;
    }
    const whole = given >= summary.rows;
    if (run.current === mine) setState(whole ? NOTHING : { at: "read", summary });
    return { added, given, whole };
  };

  return { state, read, keep, stop };
}
