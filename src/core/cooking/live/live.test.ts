import { liveCook, refuseEvent, type CookEvent } from "./live";

const STAGES = [200, 150, 120];
const at = (seconds: number) => seconds * 1000;
const started: CookEvent = { kind: "started", atMs: 0 };

test("counts a stage down and over, never on by itself", () => {
  expect(liveCook(STAGES, [started], at(60))).toMatchObject({ status: "running", stageIndex: 0, remainingS: 140 });
  expect(liveCook(STAGES, [started], at(260))).toMatchObject({ status: "running", stageIndex: 0, remainingS: -60 });
});

test("pauses stop the clock, +10 s moves its end", () => {
  const events: CookEvent[] = [
    started,
    { kind: "paused", atMs: at(50) },
    { kind: "extended", atMs: at(55), seconds: 10 },
  ];
  expect(liveCook(STAGES, events, at(500))).toMatchObject({ status: "paused", elapsedS: 50, remainingS: 160 });
  const resumed: CookEvent[] = [...events, { kind: "resumed", atMs: at(500) }];
  expect(liveCook(STAGES, resumed, at(510))).toMatchObject({ status: "running", elapsedS: 60, remainingS: 150 });
});

test("the next stage starts from zero and the last ends the cook; probes keep their stage", () => {
  const events: CookEvent[] = [
    started,
    { kind: "extended", atMs: at(10), seconds: 10 },
    { kind: "advanced", atMs: at(190) },
    { kind: "probed", atMs: at(300), centreC: 41 },
    { kind: "advanced", atMs: at(340) },
  ];
  expect(liveCook(STAGES, events, at(350))).toMatchObject({ stageIndex: 2, remainingS: 110, plannedS: 120 });
  const done = liveCook(STAGES, [...events, { kind: "advanced", atMs: at(460) }], at(900));
  expect(done).toMatchObject({ status: "done", endedAtMs: at(460), probes: [{ centreC: 41, stageIndex: 1 }] });
});

test("what does not fit the state is refused in the cook's words", () => {
  const running = liveCook(STAGES, [started], at(5));
  expect(refuseEvent(running, "resumed")).toMatch(/running already/);
  expect(refuseEvent(running, "paused")).toBeNull();
  const given = liveCook(STAGES, [started, { kind: "abandoned", atMs: at(9) }], at(20));
  expect(given.status).toBe("abandoned");
  expect(refuseEvent(given, "probed")).toMatch(/given up/);
});
