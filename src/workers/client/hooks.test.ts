/** @jest-environment jsdom */
import { act, createElement } from "react";
import { createRoot, type Root } from "react-dom/client";
import { ok, said, type Result, type Said } from "@/core/shared";
import { useNow } from "@/ui/hooks/useNow";
import { useNewest, type NewestState } from "./useNewest";
import { useSettled } from "./useSettled";

Object.assign(globalThis, { IS_REACT_ACT_ENVIRONMENT: true });

let root: Root;
beforeEach(() => {
  jest.useFakeTimers();
  root = createRoot(document.createElement("div"));
});
afterEach(() => {
  act(() => root.unmount());
  jest.useRealTimers();
});

/** Draws a hook with these values; answers what it gave last. */
function draw<A, B>(hook: (input: A) => B) {
  let last: B;
  const Drawn = ({ input }: { readonly input: A }) => {
    last = hook(input);
    return null;
  };
  return {
    with: (input: A) => act(() => root.render(createElement(Drawn, { input }))),
    get last() {
      return last;
    },
  };
}
const wait = (ms: number) => act(() => jest.advanceTimersByTimeAsync(ms));

describe("the newest question", () => {
  const asked: string[] = [];
  let answers: ((answer: Result<string, Said>) => void)[] = [];
  let fails: (() => void)[] = [];
  const close = jest.fn();
  const open = () => ({
    ask: (question: string) => {
      asked.push(question);
      return new Promise<Result<string, Said>>((resolve, reject) => {
        answers.push(resolve);
        fails.push(reject);
      });
    },
    close,
  });
  const newest = () => draw((question: string): NewestState<string> => useNewest(open, question));
  beforeEach(() => {
    asked.length = 0;
    answers = [];
    fails = [];
    close.mockClear();
  });

  test("a dragged handle asks once, and only the last place of the hand after that", async () => {
    const drawn = newest();
    for (const place of ["1", "2", "3", "4"]) await drawn.with(place);
    expect(asked).toEqual(["1"]);
    await act(async () => answers[0]!(ok("one")));
    expect(asked).toEqual(["1", "4"]);
    // the old answer stays on show and says that it is not the last word
    expect(drawn.last).toMatchObject({ answer: "one", working: true });
    await act(async () => answers[1]!(ok("four")));
    expect(drawn.last).toMatchObject({ answer: "four", working: false, problem: null });
  });

  test("a refusal keeps the last answer on show beside its reason", async () => {
    const drawn = newest();
    await drawn.with("1");
    await act(async () => answers[0]!(ok("one")));
    await drawn.with("2");
    const error = said("plan.itIsThereBeforeItStarts");
    await act(async () => answers[1]!({ ok: false, error }));
    expect(drawn.last).toMatchObject({ answer: "one", problem: error, working: false });
  });

  test("a planner that stopped says so and is asked again by the next change", async () => {
    const drawn = newest();
    await drawn.with("1");
    await act(async () => fails[0]!());
    expect(drawn.last).toMatchObject({ working: false, problem: { code: "shared.plannerStopped" } });
    await drawn.with("2");
    await act(async () => answers[1]!(ok("two")));
    expect(drawn.last).toMatchObject({ answer: "two", problem: null });
  });

  test("left behind, it closes its worker and draws nothing more", async () => {
    const drawn = newest();
    await drawn.with("1");
    act(() => root.unmount());
    expect(close).toHaveBeenCalledTimes(1);
    await act(async () => answers[0]!(ok("late")));
    expect(drawn.last).toMatchObject({ answer: null });
    root = createRoot(document.createElement("div"));
  });
});

describe("the live clock", () => {
  const now = () => draw(({ atMs }: { readonly atMs: number }) => useNow(atMs, 1000));

  test("starts on the house's time and goes on by the tablet's monotonic clock", async () => {
    const drawn = now();
    await drawn.with({ atMs: 5_000_000 });
    expect(drawn.last).toBe(5_000_000);
    await wait(3_000);
    expect(drawn.last).toBeCloseTo(5_003_000, -2);
  });

  test("a tablet whose wall clock is set in the middle shows the same minute", async () => {
    const drawn = now();
    await drawn.with({ atMs: 5_000_000 });
    jest.setSystemTime(Date.now() - 3_600_000);
    await wait(2_000);
    expect(drawn.last).toBeCloseTo(5_002_000, -2);
  });

  test("a newer word of the house is taken at the next tick", async () => {
    const drawn = now();
    await drawn.with({ atMs: 5_000_000 });
    await wait(2_000);
    await drawn.with({ atMs: 5_060_000 });
    await wait(1_000);
    expect(drawn.last).toBeCloseTo(5_061_000, -2);
  });
});

test("what moves is not handed on before it stands still", async () => {
  const drawn = draw((value: number) => useSettled(value, 150));
  for (const value of [1, 2, 3]) {
    await drawn.with(value);
    await wait(100);
  }
  expect(drawn.last).toBe(1);
  await wait(100);
  expect(drawn.last).toBe(3);
});
