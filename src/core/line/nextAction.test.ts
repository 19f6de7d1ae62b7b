import type { LotLife } from "@/core/freshness";
import { firstToUse, nextAction, type LotInHand } from "./nextAction";

const lot = (id: string, daysLeft: number, use: LotLife["use"] = "cook", massG = 1000): LotInHand => ({
  id,
  title: id,
  massG,
  valueCents: 0,
  cuttable: true,
  life: { daysLeft, use } as LotLife,
});
const cook = (remainingS: number) => ({ id: "c", title: "Char", stage: "Skin down", next: "Turn", remainingS });

test("what is on the fire comes first, the overdue before the rest", () => {
  const lots = [lot("old", 0, "over")];
  expect(nextAction([cook(90), cook(-5)], lots, [])).toMatchObject({ kind: "stage-due", cook: { remainingS: -5 } });
  expect(nextAction([cook(90)], lots, [])).toMatchObject({ kind: "watch-cook" });
});

test("then what is over, what must go today, what is cut, what is oldest, and last the dock", () => {
  const batch = { id: "b", title: "Cod", portions: 4 };
  expect(nextAction([], [lot("a", 3), lot("b", 0, "over")], [batch])).toMatchObject({
    kind: "clear-lot",
    lot: { id: "b" },
  });
  expect(nextAction([], [lot("a", 3), lot("b", 0.8)], [batch])).toMatchObject({ kind: "use-lot", lot: { id: "b" } });
  expect(nextAction([], [lot("a", 3)], [batch])).toMatchObject({ kind: "cook-batch" });
  expect(nextAction([], [lot("a", 5), lot("b", 3)], [])).toMatchObject({ kind: "cut-lot", lot: { id: "b" } });
  expect(nextAction([], [], [])).toEqual({ kind: "receive" });
});

test("least life first, the heavier of two alike", () => {
  const order = firstToUse([lot("light", 2, "cook", 500), lot("heavy", 2, "cook", 900), lot("short", 1)]);
  expect(order.map(({ id }) => id)).toEqual(["short", "heavy", "light"]);
});

test("a dish that waits hot is probed before anything that lies cold, one that is out before one to probe", () => {
  const probe = { id: "p", title: "Cod", over: false };
  const out = { id: "o", title: "Hake", over: true };
  const watch = { holdsDue: [], warm: [], hotDue: [probe, out] };
  expect(nextAction([], [lot("a", 0, "over")], [], watch)).toEqual({ kind: "hot-due", hot: out });
  expect(nextAction([], [], [], { ...watch, hotDue: [probe] })).toEqual({ kind: "hot-due", hot: probe });
  expect(nextAction([cook(90)], [], [], watch)).toMatchObject({ kind: "watch-cook" });
});
