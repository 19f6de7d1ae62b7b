import fc from "fast-check";
import { DAY_MS, HOUR_MS } from "@/core/units";
import { HOLD_LABELS, holdStatus, type Hold } from "./holds";
import { english } from "@/words/english.testkit";

const cure = { kind: "cure", startedAtMs: 0, plannedH: 12 } as const;
const thaw = {
  kind: "thaw",
  way: "refrigerator",
  startedAtMs: 0,
  plannedH: 24,
  vacuumPack: false,
  packOpened: false,
} as const;

test("a cure runs its hours and then wants to come out", () => {
  expect(holdStatus(cure, 4.5 * HOUR_MS)).toMatchObject({ state: "running", endsMs: 12 * HOUR_MS });
  expect(english(holdStatus(cure, 4.5 * HOUR_MS)).needs).toContain("7 h 30 min more");
  expect(holdStatus(cure, 12 * HOUR_MS)).toMatchObject({ state: "due" });
  expect(english(holdStatus(cure, 12 * HOUR_MS)).needs).toMatch(/rinse/);
});

// reduced-oxygen packs let Clostridium botulinum grow in the cold: opened before thawing (FDA Food Code 2022, 3-501.13(E); memory, high)
test("a vacuum pack stops its thawing until it is opened", () => {
  const packed = { ...thaw, vacuumPack: true };
  expect(holdStatus(packed, HOUR_MS)).toMatchObject({ state: "stopped" });
  expect(english(holdStatus(packed, HOUR_MS)).needs).toMatch(/open or pierce/);
  expect(holdStatus({ ...packed, packOpened: true }, HOUR_MS)).toMatchObject({ state: "running" });
  expect(holdStatus({ ...packed, packOpened: true }, 25 * HOUR_MS)).toMatchObject({ state: "due" });
  expect(holdStatus(thaw, HOUR_MS)).toMatchObject({ state: "running" });
});

// FDA Food Code 2022, 3-501.13(B): running water at 21 °C or below, 4 h above 5 °C at most in all (memory, high)
test("running water says its limit, the refrigerator its hours", () => {
  expect(english(holdStatus({ ...thaw, way: "running-water", plannedH: 2 }, HOUR_MS)).needs).toMatch(
    /21 °C or below, 4 h above 5 °C/,
  );
  expect(english(holdStatus(thaw, HOUR_MS)).needs).toMatch(/23 h more in the refrigerator/);
});

test("a tag is kept to its last day and may go after it; a live animal past its days is looked at", () => {
  const tag = { kind: "tag", startedAtMs: 0, untilMs: 90 * DAY_MS } as const;
  expect(holdStatus(tag, 89 * DAY_MS).state).toBe("running");
  expect(holdStatus(tag, 90 * DAY_MS).state).toBe("done");
  const live = { kind: "live", startedAtMs: 0, untilMs: 3 * DAY_MS, how: "damp seaweed, 2-7 °C" } as const;
  expect(english(holdStatus(live, DAY_MS))).toMatchObject({ state: "running", needs: live.how });
  expect(holdStatus(live, 4 * DAY_MS).state).toBe("due");
});

test("every kind has a name and says its source; the end does not move while one waits", () => {
  const holds: readonly Hold[] = [
    cure,
    thaw,
    { kind: "tag", startedAtMs: 0, untilMs: 5 * DAY_MS },
    { kind: "live", startedAtMs: 0, untilMs: 5 * DAY_MS, how: "cold and damp" },
  ];
  fc.assert(
    fc.property(fc.constantFrom(...holds), fc.nat(200 * HOUR_MS), fc.nat(200 * HOUR_MS), (hold, now, later) => {
      const [first, second] = [holdStatus(hold, now), holdStatus(hold, now + later)];
      expect(HOLD_LABELS[hold.kind]).not.toBe("");
      expect(first.source.length).toBeGreaterThan(5);
      expect(second.endsMs).toBe(first.endsMs);
      // what is over stays over
      if (first.state !== "running") expect(second.state).toBe(first.state);
    }),
    { seed: 8, numRuns: 80 },
  );
});
