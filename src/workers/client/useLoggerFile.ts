import { proxy, wrap } from "comlink";
import { useEffect, useRef, useState } from "react";
import { said, type Result, type Said } from "@/core/shared";
import type { LoggerPart, LoggerSummary, LoggerWorker } from "../logger.worker";

/** Keeps one part of the readings; null stops the rest. */
type KeepPart = (part: LoggerPart) => Promise<{ readonly added: number } | null>;

export type LoggerFileState =
  | { readonly at: "nothing"; readonly problem: Said | null }
  | { readonly at: "reading"; readonly share: number }
  | { readonly at: "read"; readonly summary: LoggerSummary }
  | { readonly at: "keeping"; readonly summary: LoggerSummary; readonly kept: number };

/** What came of keeping: how many were new, of how many, and whether it went to the end. */
export type Kept = { readonly added: number; readonly given: number; readonly whole: boolean };

const NOTHING: LoggerFileState = { at: "nothing", problem: null };

function openWorker() {
  const worker = new Worker(new URL("../logger.worker.ts", import.meta.url), { type: "module" });
  return { remote: wrap<LoggerWorker>(worker), close: () => worker.terminate() };
}

/** A logger's file: read in a worker with its progress, then handed over part by part; either can be stopped. */
export function useLoggerFile(partRows: number) {
  const [state, setState] = useState<LoggerFileState>(NOTHING);
  const worker = useRef<ReturnType<typeof openWorker> | null>(null);
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
    worker.current = openWorker();
    const answer: Result<LoggerSummary, Said> = await worker.current.remote
      .read(
        file,
        timeZone,
        nowMs,
        proxy((share: number) => tell({ at: "reading", share })),
      )
      .catch(() => ({ ok: false, error: said("shared.plannerStopped") }) as const);
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
      const part = await worker.current.remote.part(given, partRows);
      const done = run.current === mine ? await keepPart(part) : null;
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
