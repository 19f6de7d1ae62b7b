import { saturday, type TillEvent } from "./ticketModel";

const covers = (events: readonly TillEvent[]) =>
  events.reduce(
    (sum, { message }) =>
      sum + (message.kind === "order" ? message.courses.at(-1)!.reduce((total, { count }) => total + count, 0) : 0),
    0,
  );

test("a Saturday seats exactly its covers, calls every course once and after it was ordered, and is the same for its seed", () => {
  for (const seed of [1, 2, 3]) {
    const events = saturday(120, seed);
    expect(covers(events)).toBe(120);
    expect(events).toEqual(saturday(120, seed));
    const tables = events.flatMap(({ message, atS }) => (message.kind === "order" ? [{ message, atS }] : []));
    for (const { message, atS } of tables) {
      const calls = events.filter((one) => one.message.kind === "away" && one.message.table === message.table);
      expect(calls).toHaveLength(message.courses.length);
      expect(calls.every((call) => call.atS > atS)).toBe(true);
    }
    expect(events.every(({ atS }, at) => at === 0 || atS >= events[at - 1]!.atS)).toBe(true);
  }
});
