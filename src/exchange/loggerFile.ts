import { wallClockMoments } from "@/calendar/days";
import { readLoggerRows, type LoggerRead } from "@/core/coldchain";
import type { Result } from "@/core/shared";
import { parseCsv } from "./csv";
import { type Said } from "@/core/shared";

/** Reads a logger's file; times without a zone are the house's wall clock. `onShare`: how far it is, 0 to 1. */
export const readLoggerFile = (
  text: string,
  timeZone: string,
  nowMs: number,
  onShare?: (share: number) => void,
): Result<LoggerRead, Said> =>
  readLoggerRows(parseCsv(text), {
    nowMs,
    momentsOf: ({ day, minutes, seconds }) => wallClockMoments(day, minutes, seconds, timeZone),
    ...(onShare ? { onShare } : {}),
  });
