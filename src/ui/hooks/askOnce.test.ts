import { err, ok } from "@/core/shared";
import { askOnce, type Action } from "./askOnce";

beforeEach(() => jest.useFakeTimers());
afterEach(() => jest.useRealTimers());

/** An action whose answers are given by hand; keeps the ids it was asked with. */
function byHand() {
  const ids: string[] = [];
  const answers: ((answer: Awaited<ReturnType<Action<string>>>) => void)[] = [];
  const action: Action<string> = (_, intention) => {
    ids.push(intention);
    return new Promise((resolve) => answers.push(resolve));
  };
  return {
    ids,
    action,
    answer: (index: number, value = ok("done") as Awaited<ReturnType<Action<string>>>) => answers[index]!(value),
  };
}
const silence = () => jest.advanceTimersByTimeAsync(6000);

test("a double tap hangs on to the first and is asked once", async () => {
  const { ids, action, answer } = byHand();
  const both = [askOnce(action, { lot: 1 }), askOnce(action, { lot: 1 })];
  expect(ids).toHaveLength(1);
  answer(0);
  expect(await Promise.all(both)).toEqual([ok("done"), ok("done")]);
});

test("after silence the same press is the same intention, also when another was made in between", async () => {
  const { ids, action, answer } = byHand();
  const first = askOnce(action, { lot: 1 });
  await silence();
  expect(await first).toBeNull();
  const other = askOnce(action, { lot: 2 });
  answer(1);
  await other;
  const again = askOnce(action, { lot: 1 });
  answer(2);
  await again;
  expect(ids[2]).toBe(ids[0]);
  expect(ids[1]).not.toBe(ids[0]);
});

test.each([
  ["done", ok("done")],
  ["refused", err({ message: "not on ice" })],
])("what was answered (%s) is over: the next press is meant anew", async (_, said) => {
  const { ids, action, answer } = byHand();
  for (const index of [0, 1]) {
    const asked = askOnce(action, { lot: 1 });
    answer(index, said);
    expect(await asked).toEqual(said);
  }
  expect(new Set(ids).size).toBe(2);
});

test("an answer that breaks off is no answer: the intention stands", async () => {
  const ids: string[] = [];
  const broken: Action<string> = async (_, intention) => {
    ids.push(intention);
    throw new Error("the line broke");
  };
  expect(await askOnce(broken, {})).toBeNull();
  expect(await askOnce(broken, {})).toBeNull();
  expect(new Set(ids).size).toBe(1);
});

test("ids are such as the house takes", async () => {
  const { ids, action, answer } = byHand();
  const asked = askOnce(action, {});
  answer(0);
  await asked;
  expect(ids[0]).toMatch(/^[\w-]{16,64}$/);
});
