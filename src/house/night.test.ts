import { backupStanding, nightWork } from "./night";

const DUE = 4 * 3_600_000;
const night = (nowMs: number, at: { sealedMs?: number; keptMs?: number; failedMs?: number } = {}) =>
  nightWork({ nowMs, dueMs: DUE, againMs: 3_600_000, sealedMs: null, keptMs: null, failedMs: null, ...at });

test("nothing before the hour, all of it once after, also by a server that slept until noon", () => {
  expect(night(DUE - 1)).toEqual({ seal: false, backup: false });
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
  expect(at(null, null)).toEqual({ kind: "failed", lastKeptMs: null });
  expect(at(null, null, 3_600_000)).toEqual({ kind: "none-yet" });
});
