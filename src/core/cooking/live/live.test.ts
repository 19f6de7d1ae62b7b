import fc from "fast-check";
import { said } from "@/core/shared";
import { clashes, type DueAct } from "./clashes";
import { liveCook, refuseEvent, stageSecondsAt, tapToUndo, type CookEvent } from "./live";

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

test("what does not fit the state is refused with its reason", () => {
  const running = liveCook(STAGES, [started], at(5));
  expect(refuseEvent(running, "resumed")).toEqual(said("plan.itIsRunningAlready"));
  expect(refuseEvent(running, "paused")).toBeNull();
  const given = liveCook(STAGES, [started, { kind: "abandoned", atMs: at(9) }], at(20));
  expect(given.status).toBe("abandoned");
  expect(refuseEvent(given, "probed")).toEqual(said("plan.cookWasCancelled"));
});

describe("a tap taken back", () => {
  const undone = (seconds: number): CookEvent => ({ kind: "undone", atMs: at(seconds) });

  test("the stage runs on as if nobody had tapped; what the probe read stays", () => {
    const events: CookEvent[] = [
      started,
      { kind: "advanced", atMs: at(90) },
      { kind: "probed", atMs: at(93), centreC: 41 },
      undone(95),
    ];
    expect(liveCook(STAGES, events, at(100))).toMatchObject({
      status: "running",
      stageIndex: 0,
      remainingS: 100,
      probes: [{ centreC: 41, stageIndex: 0 }],
    });
    expect(stageSecondsAt(events, at(100))).toEqual([100]);
  });

  test("a start taken back is no cook, and nothing more is done to it", () => {
    const withdrawn = liveCook(STAGES, [started, undone(4)], at(5));
    expect(withdrawn.status).toBe("withdrawn");
    expect(refuseEvent(withdrawn, "advanced")).toEqual(said("plan.cookWasTakenBack"));
  });

  test("only the last tap, only while it is fresh, and not the one before it after that", () => {
    const events: CookEvent[] = [started, { kind: "paused", atMs: at(50) }];
    expect(tapToUndo(events, at(59))).toMatchObject({ kind: "paused" });
    expect(tapToUndo(events, at(61))).toBeNull();
    expect(tapToUndo([...events, undone(55)], at(56))).toBeNull();
  });

  test("law: a tap and its undo leave the clock where it would have been", () => {
    const kinds = fc.constantFrom("paused", "resumed", "advanced", "abandoned", "extended");
    fc.assert(
      fc.property(fc.array(fc.integer({ min: 5, max: 60 }), { maxLength: 4 }), kinds, (gaps, kind) => {
        let now = 0;
        const before = [started, ...gaps.map((gap): CookEvent => ({ kind: "advanced", atMs: at((now += gap)) }))];
        const tap = (
          kind === "extended" ? { kind, atMs: at(now + 2), seconds: 10 } : { kind, atMs: at(now + 2) }
        ) as CookEvent;
        const later = at(now + 20);
        expect(liveCook([100, 100, 100, 100, 100, 100], [...before, tap, undone(now + 5)], later)).toEqual(
          liveCook([100, 100, 100, 100, 100, 100], before, later),
        );
      }),
    );
  });
});

describe("what the state of the piece asks of the clock", () => {
  const events: CookEvent[] = [
    started,
    { kind: "advanced", atMs: at(260) },
    { kind: "refitted", atMs: at(261), seconds: -40 },
    { kind: "foreseen", atMs: at(261), peakC: 53, meets: false },
  ];

  test("it is in the clock of the stage in hand alone, and said apart", () => {
    const live = liveCook(STAGES, events, at(270));
    expect(live).toMatchObject({ stageIndex: 1, plannedS: 110, remainingS: 100, refitS: -40 });
    expect(live.foreseen).toEqual({ peakC: 53, meets: false });
    const next = liveCook(STAGES, [...events, { kind: "advanced", atMs: at(370) }], at(370));
    expect(next).toMatchObject({ stageIndex: 2, plannedS: 120, refitS: 0 });
    expect(stageSecondsAt(events, at(270))).toEqual([260, 10]);
  });

  test("it goes with the tap it was worked out of", () => {
    const back = liveCook(STAGES, [...events, { kind: "undone", atMs: at(265) }], at(270));
    expect(back).toMatchObject({ stageIndex: 0, remainingS: -70, refitS: 0, foreseen: null });
    expect(tapToUndo(events, at(265))).toMatchObject({ kind: "advanced" });
  });
});

test("an alarm that was heard is silent until the clock moves; hearing it is no tap to take back", () => {
  const heard: CookEvent[] = [started, { kind: "silenced", atMs: at(205), who: "Ylva" }];
  expect(liveCook(STAGES, heard, at(210))).toMatchObject({ silencedBy: "Ylva", remainingS: -10, stageIndex: 0 });
  expect(tapToUndo(heard, at(206), at(400))?.kind).toBe("started");
  for (const kind of ["advanced", "resumed"] as const)
    expect(liveCook(STAGES, [...heard, { kind, atMs: at(210) }], at(500)).silencedBy).toBeNull();
});

test("two acts within ten seconds of one pair of hands are said, the pull before the turn, the thin before the thick", () => {
  const act = (cookId: string, remainingS: number, pulls: boolean, thicknessMm = 25) => ({
    cookId,
    remainingS,
    pulls,
    thicknessMm,
  });
  const order = (hands: number, ...acts: DueAct[]) =>
    clashes(acts, hands).map((group) => group.map(({ cookId }) => cookId));
  expect(order(1, act("turn", 20, false), act("pull", 29, true), act("later", 60, true))).toEqual([["pull", "turn"]]);
  expect(order(1, act("thick", 20, true, 30), act("thin", 22, true, 18))).toEqual([["thin", "thick"]]);
  expect(order(2, act("turn", 20, false), act("pull", 29, true))).toEqual([]);
  expect(order(1, act("a", 20, false), act("b", 31, true))).toEqual([]);
});
