import { spawnSync } from "node:child_process";
import { holdStatus } from "@/core/coldchain";
import { liveCook } from "@/core/cooking";
import { timeText } from "@/words/format/format";

const ZONE = "Europe/Oslo";
const HOUR_MS = 3_600_000;

test("summer time in a running cook: the stage that spans it is as long as it was, and the wall shows the hour that was left out", () => {
  const begunMs = Date.UTC(2026, 2, 29, 0, 58);
  const live = (atMs: number) => liveCook([300, 120], [{ kind: "started", atMs: begunMs }], atMs);
  expect(live(begunMs + 200_000).elapsedS).toBeCloseTo(200, 5);
  expect([begunMs, begunMs + 200_000].map((atMs) => timeText(atMs, ZONE))).toEqual(["01:58", "03:01"]);
});

test("a cure over the night that has an hour twice is its hours long, and ends an hour earlier by the wall", () => {
  const startedAtMs = Date.UTC(2026, 9, 24, 18);
  const hold = { kind: "cure", startedAtMs, plannedH: 12 } as Parameters<typeof holdStatus>[0];
  const status = holdStatus(hold, startedAtMs + 11.9 * HOUR_MS);
  expect(status).toMatchObject({ state: "running", endsMs: startedAtMs + 12 * HOUR_MS });
  expect([startedAtMs, status.endsMs!].map((atMs) => timeText(atMs, ZONE))).toEqual(["20:00", "07:00"]);
});

test.each(["Pacific/Kiritimati", "America/St_Johns", "Europe/Oslo"])(
  "the house's days and hours are the same on a machine that stands in %s",
  (zone) => {
    const said = (TZ: string) =>
      spawnSync(process.execPath, ["--import", "tsx", "tools/clocks/saidHere.testkit.ts"], {
        encoding: "utf8",
        env: { ...process.env, TZ },
      }).stdout;
    expect(JSON.parse(said(zone))).toEqual(JSON.parse(said("UTC")));
  },
);
