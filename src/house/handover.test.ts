import { handoverMark, handoverOf, probeToCheckFirst, type HandoverItem } from "./handover";

const NOW = Date.UTC(2026, 4, 12, 17);
const MINUTE = 60_000;
const cook = (id: string, dueInMin: number | null, paused = false): HandoverItem => ({
  kind: "cook",
  key: `cook ${id}`,
  title: `Char ${id}`,
  next: "Rest",
  paused,
  dueAtMs: dueInMin === null ? null : NOW + dueInMin * MINUTE,
  href: `/stove/cook/${id}`,
});
const alarm: HandoverItem & { readonly owed: boolean } = {
  kind: "alarm",
  key: "alarm fish-fridge",
  title: "Fish fridge",
  celsius: 7.2,
  dueAtMs: NOW - 40 * MINUTE,
  href: "/ice/places/fish-fridge",
  owed: true,
};

test("what was due is owed, the longest owed leads; what is not due runs, the soonest leads, what nobody can date last", () => {
  const { runs, owed } = handoverOf(
    [cook("late", -3), cook("stopped", null, true), cook("soon", 4), cook("sooner", 2), alarm],
    [],
    null,
    NOW,
  );
  expect(owed.map(({ key }) => key)).toEqual(["alarm fish-fridge", "cook late"]);
  expect(runs.map(({ key }) => key)).toEqual(["cook sooner", "cook soon", "cook stopped"]);
});

test("an alarm nobody answered is owed whatever its clock says", () => {
  const { owed } = handoverOf(
    [
      { ...alarm, dueAtMs: NOW + MINUTE },
      { ...cook("x", -1), owed: false },
    ],
    [],
    null,
    NOW,
  );
  expect(owed.map(({ key }) => key)).toEqual(["alarm fish-fridge"]);
});

test("the mark of a list stays while clocks run, and is another when something came, fell due or was done", () => {
  const at = (nowMs: number, ...more: HandoverItem[]) =>
    handoverMark(handoverOf([cook("a", 4), ...more], [], null, nowMs));
  expect(at(NOW + 2 * MINUTE)).toBe(at(NOW));
  expect(at(NOW + 5 * MINUTE)).not.toBe(at(NOW));
  expect(at(NOW, alarm)).not.toBe(at(NOW));
  const low = handoverOf(
    [cook("a", 4)],
    [{ kind: "few", key: "card char", title: "Char", left: 2, href: "/cards" }],
    null,
    NOW,
  );
  expect(handoverMark(low)).not.toBe(at(NOW));
});

test("the probe to check first: one that failed, then one nobody checked, then the one checked longest ago (US Food Code 4-203.11: 1 degC)", () => {
  const today = "2026-05-12";
  const checks = new Map([
    ["Left", { day: "2026-05-01", celsius: 0.2 }],
    ["Right", { day: "2026-04-28", celsius: -0.3 }],
    ["Bent", { day: "2026-05-11", celsius: 1.6 }],
  ]);
  const first = (...names: string[]) => probeToCheckFirst(names, checks, today);
  expect(first("Left", "Right", "Bent", "New")).toMatchObject({ name: "Bent", state: "off" });
  expect(first("Left", "Right", "New")).toMatchObject({ name: "New", state: "never", last: null });
  expect(first("Left", "Right")).toMatchObject({ name: "Right", state: "old" });
  expect(probeToCheckFirst(["Left"], new Map([["Left", { day: today, celsius: 0 }]]), today)).toBeNull();
  // a house that never named one has one all the same, and nobody knows it to be right
  expect(probeToCheckFirst([], new Map(), today)).toMatchObject({ name: "", state: "never" });
});
