import fc from "fast-check";
import type { LedgerEntry, LedgerKind } from "@/core/trace";
import { bookDay } from "./bookDay";

let seq = 0;
const entry = (kind: LedgerKind, payload: Record<string, unknown> = {}, who = "Ylva") =>
  ({
    seq: ++seq,
    atMs: seq,
    who,
    kind,
    lotId: null,
    batchId: null,
    cookId: null,
    correctsSeq: null,
    payload,
    prevHash: "",
    hash: "",
  }) as LedgerEntry;

test("a day is counted by what was written in it, and nothing else", () => {
  const day = bookDay([
    entry("lot-received"),
    entry("lot-received"),
    entry("lot-refused"),
    entry("lot-wasted", { massG: 350, costCents: 112 }, "Torben"),
    entry("lot-wasted", { massG: 650, costCents: 888 }),
    entry("cook-finished", { meetsRule: true }),
    entry("cook-finished", { meetsRule: false }),
    entry("cook-abandoned", { became: "waste" }),
    entry("stock-made", { cooling: "pass" }),
    entry("stock-read", { verdict: "fail" }),
    entry("hold-closed", { met: true }),
    entry("hold-closed", { met: false }),
    entry("plates-served", { covers: 6 }),
    entry("pieces-again"),
  ]);
  expect(day).toMatchObject({
    received: 2,
    refused: 1,
    thrown: { times: 2, massG: 1000, costCents: 1000 },
    cooks: { ended: 2, underRule: 1, cancelled: 1 },
    cooling: { inTime: 1, tooSlow: 1 },
    holds: { begun: 0, met: 1, brokenOff: 1 },
    rawPlates: { times: 1, covers: 6 },
    again: { pieces: 1, pans: 0, courses: 0 },
    who: ["Torben", "Ylva"],
  });
});

test("two days together count what each counts, whatever old entries hold", () => {
  const anyEntry = fc
    .tuple(
      fc.constantFrom<LedgerKind>("lot-wasted", "plates-served", "cook-finished", "stock-read", "correction"),
      fc.record(
        { massG: fc.oneof(fc.nat(9000), fc.constant("much")), costCents: fc.nat(9000), covers: fc.nat(40) },
        { requiredKeys: [] },
      ),
    )
    .map(([kind, payload]) => entry(kind, payload));
  fc.assert(
    fc.property(fc.array(anyEntry), fc.array(anyEntry), (one, other) => {
      const [a, b, both] = [bookDay(one), bookDay(other), bookDay([...one, ...other])];
      expect(both.thrown.massG).toBe(a.thrown.massG + b.thrown.massG);
      expect(both.thrown.costCents).toBe(a.thrown.costCents + b.thrown.costCents);
      expect(both.rawPlates.covers).toBe(a.rawPlates.covers + b.rawPlates.covers);
      expect(both.corrections).toBe(a.corrections + b.corrections);
    }),
  );
});
