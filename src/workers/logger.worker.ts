import { expose } from "comlink";
import type { LoggerRead } from "@/core/coldchain";
import { ok, type Result, type Said } from "@/core/shared";
import { readLoggerFile } from "@/exchange/loggerFile";

/** Bad lines that are named one by one. */
const MOST_NAMED = 50;

/** What a file holds, before any of it is kept. */
export type LoggerSummary = Omit<LoggerRead, "readings"> & {
  readonly rows: number;
  readonly fromMs: number;
  readonly toMs: number;
};

/** Some of the readings, as two columns of one length. */
export type LoggerPart = { readonly atMs: readonly number[]; readonly celsius: readonly number[] };

let read: LoggerRead | null = null;

/** A logger's file of up to 20 MB read off the main thread; its readings stay here and are handed out part by part. */
const api = {
  read: async (
    file: Blob,
    timeZone: string,
    nowMs: number,
    onShare: (share: number) => void,
  ): Promise<Result<LoggerSummary, Said>> => {
    read = null;
    const answer = readLoggerFile(await file.text(), timeZone, nowMs, onShare);
    if (!answer.ok) return answer;
    read = answer.value;
    const { readings, problems, ...rest } = read;
    return ok({
      ...rest,
      problems: problems.slice(0, MOST_NAMED),
      rows: readings.length,
      fromMs: readings[0]!.atMs,
      toMs: readings.at(-1)!.atMs,
    });
  },
  part: (from: number, count: number): LoggerPart => {
    const readings = (read?.readings ?? []).slice(from, from + count);
    return { atMs: readings.map(({ atMs }) => atMs), celsius: readings.map(({ celsius }) => celsius) };
  },
};
export type LoggerWorker = typeof api;

expose(api);
