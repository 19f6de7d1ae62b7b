import { backupStanding, lastDueMs, nightWork } from "./night";

const DUE = 4 * 3_600_000;
const night = (nowMs: number, at: { sealedMs?: number; keptMs?: number; failedMs?: number } = {}) =>
  nightWork({ nowMs, dueMs: DUE, againMs: 3_600_000, sealedMs: null, keptMs: null, failedMs: null, ...at });

test("the night falls due at four by the house's clock; before it yesterday's still stands, also where the clocks changed", () => {
  const at = (now: string) => new Date(lastDueMs(Date.parse(now), "Europe/Oslo")).toISOString();
  expect(at("2026-11-29T23:20:00Z")).toBe("2026-11-29T03:00:00.000Z");
  expect(at("2026-11-30T03:00:00Z")).toBe("2026-11-30T03:00:00.000Z");
  // summer time ended at three in the night of the 25th of October
  expect(at("2026-10-25T02:59:00Z")).toBe("2026-10-24T02:00:00.000Z");
  expect(at("2026-10-25T03:00:00Z")).toBe("2026-10-25T03:00:00.000Z");
});

test("all of it once after the hour, also by a server that slept until noon", () => {
  expect(night(DUE)).toEqual({ seal: true, backup: true });
  expect(night(DUE + 8 * 3_600_000, { sealedMs: DUE - 86_400_000, keptMs: DUE - 86_400_000 })).toEqual({
    seal: true,
    backup: true,
  });
  expect(night(DUE + 1, { sealedMs: DUE, keptMs: DUE })).toEqual({ seal: false, backup: false });
});

test("what failed is tried again after an hour, not every ten minutes", () => {
  expect(night(DUE + 600_000, { sealedMs: DUE, failedMs: DUE })).toEqual({ seal: false, backup: false });
  expect(night(DUE + 3_600_000, { sealedMs: DUE, failedMs: DUE })).toEqual({ seal: false, backup: true });
});

test("a failure, and a copy of the day before yesterday, are said aloud; a new house is given its first night", () => {
  const at = (keptMs: number | null, failedMs: number | null, nowMs = 100 * 3_600_000) =>
    backupStanding(nowMs, { openedMs: 0, keptMs, failedMs });
  expect(at(90 * 3_600_000, null)).toEqual({ kind: "kept", atMs: 90 * 3_600_000 });
  expect(at(90 * 3_600_000, 91 * 3_600_000)).toEqual({ kind: "failed", lastKeptMs: 90 * 3_600_000 });
  expect(at(90 * 3_600_000, 80 * 3_600_000).kind).toBe("kept");
  expect(at(50 * 3_600_000, null).kind).toBe("old");
  expect(at(null, null)).toEqual({ kind: "never" });
  expect(at(null, 1)).toEqual({ kind: "failed", lastKeptMs: null });
  expect(at(null, null, 3_600_000)).toEqual({ kind: "none-yet" });
});
