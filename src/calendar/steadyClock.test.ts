import fc from "fast-check";
import { SteadyClock } from "./steadyClock";

const HOUR = 3_600_000;
const NOON = Date.UTC(2026, 4, 11, 12);

test("set back an hour, a stage of 200 s is over after 200 s and not after an hour", () => {
  const clock = new SteadyClock(NOON, 0);
  const started = clock.now(NOON, 0);
  const after = clock.now(NOON - HOUR + 200_000, 200_000);
  expect(after - started).toBe(200_000);
  expect(clock.drift(NOON - HOUR + 200_000, 200_000)).toEqual({ driftMs: -HOUR, jumped: true });
});

test("set forward an hour it does not leap, until somebody takes the machine's time", () => {
  const clock = new SteadyClock(NOON, 0);
  expect(clock.now(NOON + HOUR + 1000, 1000)).toBe(NOON + 1000);
  expect(clock.take(NOON + HOUR + 1000, 1000)).toBe(true);
  expect(clock.now(NOON + HOUR + 2000, 2000)).toBe(NOON + HOUR + 2000);
});

test("it is never taken back, and begins no earlier than the newest entry", () => {
  const clock = new SteadyClock(NOON - HOUR, 0, NOON);
  expect(clock.now(NOON - HOUR + 5000, 5000)).toBe(NOON + 5000);
  expect(clock.take(NOON - HOUR + 5000, 5000)).toBe(false);
});

test("the small steps of network time are followed and are no jump", () => {
  const clock = new SteadyClock(NOON, 0);
  for (let second = 1; second <= 600; second++) {
    const wall = NOON + second * 1000 + second * 5;
    expect(clock.now(wall, second * 1000)).toBe(wall);
  }
  expect(clock.drift(NOON + 603_000, 600_000).jumped).toBe(false);
});

test("whatever is done to the wall clock, the house's time never goes back and loses no second that passed", () => {
  fc.assert(
    fc.property(
      fc.array(fc.tuple(fc.integer({ min: 0, max: 60_000 }), fc.integer({ min: -HOUR, max: HOUR }))),
      (steps) => {
        const clock = new SteadyClock(NOON, 0);
        let monotonic = 0;
        let wall = NOON;
        let last = clock.now(wall, monotonic);
        for (const [passes, jump] of steps) {
          monotonic += passes;
          wall += passes + jump;
          const now = clock.now(wall, monotonic);
          expect(now).toBeGreaterThanOrEqual(last);
          expect(now - last).toBeGreaterThanOrEqual(passes - 2000 - 1e-6);
          last = now;
        }
      },
    ),
  );
});
