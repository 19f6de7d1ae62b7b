import type { LedgerEntry, LedgerEntryOf } from "@/core/trace";
import { foldParts } from "./foldParts";

const entry = (seq: number, part: Partial<LedgerEntry> = {}) =>
  ({
    seq,
    atMs: seq * 60_000,
    who: "Ylva",
    kind: "readings-imported",
    lotId: null,
    batchId: null,
    cookId: null,
    correctsSeq: null,
    payload: { place: "Freezer", added: 10_000 },
    prevHash: "",
    hash: `h${seq}`,
    ...part,
  }) as LedgerEntryOf<"readings-imported">;

test("the parts of one file are one line; another place, hand, kind or hour is not", () => {
  const room = { place: "Room", added: 5 };
  const entries = [
    ...[5, 4, 3].map((seq) => entry(seq)),
    entry(2, { payload: room }),
    entry(1, { payload: room, who: "Maike" }),
    entry(0, { kind: "board-washed", payload: {} }),
    entry(-20, { payload: room }),
  ];
  const folded = foldParts(entries) as readonly LedgerEntryOf<"readings-imported">[];
  expect(folded.map(({ seq, payload: { added, parts } }) => [seq, added, parts])).toEqual([
    [5, 30_000, 3],
    [2, 5, undefined],
    [1, 5, undefined],
    [0, undefined, undefined],
    [-20, 5, undefined],
  ]);
  expect(foldParts([])).toEqual([]);
});
