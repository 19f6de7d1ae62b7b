/**
 * @jest-environment jsdom
 */
import { act as acting } from "react";
import { createRoot, type Root } from "react-dom/client";
import { err, ok } from "@/core/shared";
import { t } from "@/words/ui";
import { Messages } from "../layout/Messages";
import { answerChefsPin } from "./chefsPin";
import { UNANSWERED, type Action } from "./askOnce";
import { useAct, type Act } from "./useAct";

const refresh = jest.fn();
jest.mock("next/navigation", () => ({ useRouter: () => ({ refresh }) }));
let look: string | null = null;
jest.mock("../form/unsettled", () => ({ lookFirst: () => look }));

/** Whether the house answers what is asked of it beside the act. */
let answering = true;

Object.assign(globalThis, {
  fetch: async () => (answering ? {} : Promise.reject(new TypeError("Failed to fetch"))),
  IS_REACT_ACT_ENVIRONMENT: true,
  ResizeObserver: class {
    observe(): void {}
    unobserve(): void {}
    disconnect(): void {}
  },
});

let root: Root;
let act: Act;
let busy = false;
beforeEach(async () => {
  jest.useFakeTimers();
  jest.setSystemTime(Date.UTC(2026, 4, 12, 17));
  look = null;
  answering = true;
  refresh.mockClear();
  root = createRoot(document.body.appendChild(document.createElement("div")));
  const Part = () => {
    ({ act, busy } = useAct());
    return null;
  };
  await acting(async () =>
    root.render(
      <Messages>
        <Part />
      </Messages>,
    ),
  );
});
afterEach(async () => {
  await acting(async () => {
    await jest.advanceTimersByTimeAsync(20_000);
    root.unmount();
  });
  document.body.replaceChildren();
  jest.useRealTimers();
});

type Answer = Awaited<ReturnType<Action<string>>>;
/** An act of the house whose answers are given by hand. */
function byHand() {
  const waiting: ((answer: Answer) => void)[] = [];
  const ids: string[] = [];
  const action: Action<string> = (_, id) => {
    ids.push(id);
    return new Promise((resolve) => waiting.push(resolve));
  };
  return { action, ids, answer: (answer: Answer) => acting(async () => waiting.shift()!(answer)) };
}
const said = () => document.body.textContent;
const wait = (ms: number) => acting(async () => jest.advanceTimersByTimeAsync(ms));

test("what was done is said in the words of the act, and its value comes back", async () => {
  const { action, answer } = byHand();
  let done!: ReturnType<Act>;
  await acting(async () => void (done = act(action, { lot: 1 }, (code) => `On ice as ${code}.`)));
  expect(busy).toBe(true);
  await answer(ok("0512-3"));
  expect(await done).toEqual({ value: "0512-3" });
  expect(said()).toContain("On ice as 0512-3.");
  expect(busy).toBe(false);
});

test("what was refused is said in the house's words, and nothing came back", async () => {
  const { action, answer } = byHand();
  let done!: ReturnType<Act>;
  await acting(async () => void (done = act(action, { lot: 2 }, () => "done")));
  await answer(err({ message: "That lot is not in the house." }));
  expect(await done).toBeNull();
  expect(said()).toContain("That lot is not in the house.");
  expect(said()).not.toContain("done");
});

test("a wet hand's second touch is the first one; a moment later it is meant", async () => {
  const { action, ids, answer } = byHand();
  await acting(async () => void act(action, { lot: 3 }));
  await answer(ok("one"));
  let second!: ReturnType<Act>;
  await acting(async () => void (second = act(action, { lot: 3 })));
  expect(await second).toBeNull();
  expect(ids).toHaveLength(1);
  await wait(400);
  await acting(async () => void act(action, { lot: 3 }));
  expect(ids).toHaveLength(2);
  expect(ids[1]).not.toBe(ids[0]);
  await answer(ok("two"));
});

test("silence: it says that nobody answered, looks anew, and the next press means the same thing", async () => {
  const { action, ids, answer } = byHand();
  let done!: ReturnType<Act>;
  await acting(async () => void (done = act(action, { lot: 4 })));
  await wait(7000);
  expect(await done).toBeNull();
  expect(said()).toContain(UNANSWERED);
  expect(refresh).toHaveBeenCalledTimes(1);
  await acting(async () => void act(action, { lot: 4 }));
  expect(ids[1]).toBe(ids[0]);
  await answer(ok("late"));
});

test("a house that does not answer is not asked for the page: a browser would leave it; once it answers the page is drawn anew", async () => {
  answering = false;
  await acting(async () => void act(() => Promise.reject(new TypeError("Failed to fetch")), { lot: 5 }));
  await wait(1000);
  expect(said()).toContain(UNANSWERED);
  await wait(20_000);
  expect(refresh).not.toHaveBeenCalled();
  answering = true;
  await wait(3000);
  expect(refresh).toHaveBeenCalledTimes(1);
});

test("a field that does not say what would be done holds the act back", async () => {
  look = "The weight is no number.";
  const { action, ids } = byHand();
  let done!: ReturnType<Act>;
  await acting(async () => void (done = act(action, { lot: 5 })));
  expect(await done).toBeNull();
  expect(ids).toEqual([]);
  expect(said()).toContain("The weight is no number.");
});

describe("what binds the house", () => {
  const chefs = err({ message: "A chef has to say so.", code: "chefsPin" });

  test("is done once the chef's PIN was typed", async () => {
    const { action, ids, answer } = byHand();
    let done!: ReturnType<Act>;
    await acting(async () => void (done = act(action, { lot: 6 })));
    await answer(chefs);
    await acting(async () => answerChefsPin(true));
    await answer(ok("done"));
    expect(await done).toEqual({ value: "done" });
    expect(ids).toHaveLength(2);
  });

  test("is not done where nobody typed it", async () => {
    const { action, ids, answer } = byHand();
    let done!: ReturnType<Act>;
    await acting(async () => void (done = act(action, { lot: 7 })));
    await answer(chefs);
    await acting(async () => answerChefsPin(false));
    expect(await done).toBeNull();
    expect(ids).toHaveLength(1);
    expect(said()).toContain("A chef has to say so.");
  });
});

describe("what can be taken back", () => {
  const withUndo = async () => {
    const [forth, back] = [byHand(), byHand()];
    await acting(
      async () => void act(forth.action, { lot: 8 }, () => "Moved.", { action: back.action, input: { lot: 8 } }),
    );
    await forth.answer(ok("moved"));
    return back;
  };
  const undo = () =>
    acting(async () =>
      [...document.querySelectorAll("button")].find(({ textContent }) => textContent === t("undo"))!.click(),
    );

  test("says so with a button that takes it back", async () => {
    const back = await withUndo();
    expect(said()).toContain("Moved.");
    await undo();
    await back.answer(ok("back"));
    expect(back.ids).toHaveLength(1);
    expect(said()).toContain(t("takenBack"));
    await wait(400);
  });

  test("and where it cannot be any more, says why and looks anew", async () => {
    const back = await withUndo();
    await undo();
    await back.answer(err({ message: "Too late." }));
    expect(said()).toContain("Too late.");
    await wait(1);
    expect(refresh).toHaveBeenCalledTimes(1);
    await wait(400);
  });
});
