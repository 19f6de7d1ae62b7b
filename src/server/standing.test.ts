import { openDatabase, keepOpen } from "@/db/connection";
import { openHouse } from "@/db/house/house";
import { appendEntry } from "@/db/ledger";
import { keep } from "./keeper";
import { checkAtStart, standingNow } from "./standing";

jest.mock("./keeper");
const asked = jest.mocked(keep);

beforeEach(() => {
  jest.useFakeTimers();
  asked.mockReset();
  const db = openDatabase(":memory:");
  openHouse(
    db,
    { name: "Test Quay", timeZone: "UTC", units: "metric", ruleSetId: "eu-853", cooks: ["Anu"], coldRoomC: 1 },
    0,
  );
  keepOpen(db);
});
afterEach(() => jest.useRealTimers());

const whole = { ok: true, value: { ok: true, value: { copy: "", entries: 1, rows: 1 } } } as never;

test("a check refused because another is at work is asked again after ten minutes; until then nothing is said to be checked", async () => {
  asked.mockResolvedValueOnce({ ok: false, error: "busy" }).mockResolvedValueOnce(whole);
  await checkAtStart();
  expect(standingNow()).toEqual({ kind: "checking", entries: 1 });
  await jest.advanceTimersByTimeAsync(9 * 60_000);
  expect(asked).toHaveBeenCalledTimes(1);
  await jest.advanceTimersByTimeAsync(60_000);
  expect(asked).toHaveBeenCalledTimes(2);
  expect(standingNow()).toMatchObject({ kind: "checked", chain: { kind: "whole", entries: 1 } });
});

test("what was wrong at the start stays wrong, whatever is written after it", async () => {
  const fault = { kind: "chain", chain: { kind: "broken" } } as never;
  asked.mockResolvedValueOnce({ ok: true, value: { ok: false, error: fault } } as never);
  await checkAtStart();
  expect(standingNow()).toEqual({ kind: "wrong", fault });
});

test("what is written after the start is checked when it is asked for", async () => {
  asked.mockResolvedValueOnce(whole);
  const db = openDatabase(":memory:");
  keepOpen(db);
  appendEntry(db, { atMs: 1, who: "Anu", kind: "board-washed", payload: { colour: "blue" } });
  await checkAtStart();
  appendEntry(db, { atMs: 2, who: "Anu", kind: "board-washed", payload: { colour: "red" } });
  expect(standingNow()).toMatchObject({ kind: "checked", chain: { kind: "whole", entries: 2 } });
});
