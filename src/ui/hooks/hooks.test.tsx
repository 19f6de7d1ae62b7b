/** @jest-environment jsdom */
import { act } from "react";
import { createRoot, type Root } from "react-dom/client";
import { answerChefsPin, askChefsPin, useChefsPinAsked } from "./chefsPin";
import { useAwake, useKeepAwake } from "./useAwake";
import { useHeadFocus } from "./useHeadFocus";
import { useKeptDraft, type KeptDraft } from "./useKeptDraft";
import { useShortcuts } from "./useShortcuts";

Object.assign(globalThis, { IS_REACT_ACT_ENVIRONMENT: true });

let root: Root;
beforeEach(() => {
  jest.useFakeTimers({ now: Date.UTC(2026, 4, 12, 17), doNotFake: ["queueMicrotask"] });
  localStorage.clear();
  root = createRoot(document.body.appendChild(document.createElement("div")));
});
afterEach(async () => {
  await act(async () => root.unmount());
  document.body.replaceChildren();
  jest.useRealTimers();
});

/** Draws a hook in a part of its own; what it gave last is read from the answer. */
async function drawn<T>(hook: () => T): Promise<{ readonly last: () => T; readonly again: () => Promise<void> }> {
  let last: T;
  const Part = () => {
    last = hook();
    return null;
  };
  const again = () => act(async () => root.render(<Part />));
  await again();
  return { last: () => last, again };
}

describe("a half-done bench", () => {
  const shelf = () => localStorage.getItem("gaffel-draft bench");
  /** The bench of a tablet: what lies on it, and what was found when it was opened. */
  function bench(first: string | null) {
    const state = { value: first, found: null as string | null, draft: null as KeptDraft | null };
    // eslint-disable-next-line react-hooks/rules-of-hooks -- the hook is what is tried
    return { state, hook: () => (state.draft = useKeptDraft("bench", state.value, (value) => (state.found = value))) };
  }

  test("what stood there at first is not worth keeping, what changed is", async () => {
    const { state, hook } = bench("empty");
    const { again } = await drawn(hook);
    expect(shelf()).toBeNull();
    state.value = "six lots";
    await again();
    expect(JSON.parse(shelf()!)).toEqual({ atMs: Date.now(), value: "six lots" });
    state.value = "empty";
    await again();
    expect(shelf()).toBeNull();
  });

  test("it is found again after a reload, with when it was left", async () => {
    const leftMs = Date.now() - 3_600_000;
    localStorage.setItem("gaffel-draft bench", JSON.stringify({ atMs: leftMs, value: "four lots" }));
    const { state, hook } = bench("empty");
    const { last } = await drawn(hook);
    expect(state.found).toBe("four lots");
    expect(last().foundAtMs).toBe(leftMs);
  });

  test.each([
    ["of yesterday", JSON.stringify({ atMs: Date.UTC(2026, 4, 11, 16), value: "old" })],
    ["in another's words", "{broken"],
    ["of nothing", "null"],
  ])("a copy %s is left alone", async (_, copy) => {
    localStorage.setItem("gaffel-draft bench", copy);
    const { state, hook } = bench("empty");
    const { last } = await drawn(hook);
    expect([state.found, last().foundAtMs]).toEqual([null, null]);
  });

  test("what is done is kept in the house and nowhere else, whatever is drawn after it", async () => {
    const { state, hook } = bench("empty");
    const { last, again } = await drawn(hook);
    state.value = "six lots";
    await again();
    act(() => last().done());
    expect(shelf()).toBeNull();
    state.value = "six lots, drawn once more";
    await again();
    expect(shelf()).toBeNull();
  });

  test("a browser that keeps nothing loses nothing but the copy", async () => {
    const full = jest.spyOn(Storage.prototype, "setItem").mockImplementation(() => {
      throw new Error("full");
    });
    const { state, hook } = bench("empty");
    const { again, last } = await drawn(hook);
    state.value = "six lots";
    await expect(again()).resolves.toBeUndefined();
    expect(last().foundAtMs).toBeNull();
    full.mockRestore();
  });
});

describe("single keys", () => {
  const key = (name: string, more: object = {}, on: EventTarget = document.body) =>
    act(() => {
      on.dispatchEvent(new KeyboardEvent("keydown", { key: name, bubbles: true, cancelable: true, ...more }));
    });
  const add = (html: string) => {
    const part = document.createElement("div");
    part.innerHTML = html;
    document.body.append(part);
    return part.firstElementChild!;
  };

  test("do what they stand for, once a press", async () => {
    const go = jest.fn();
    await drawn(() => useShortcuts({ "1": go }));
    key("1");
    key("1", { repeat: true });
    key("2");
    expect(go).toHaveBeenCalledTimes(1);
  });

  test.each(["ctrlKey", "metaKey", "altKey"])("are the browser's with %s", async (modifier) => {
    const go = jest.fn();
    await drawn(() => useShortcuts({ "1": go }));
    key("1", { [modifier]: true });
    expect(go).not.toHaveBeenCalled();
  });

  test.each(["<input>", "<textarea></textarea>", '<span role="combobox"></span>', '<span role="slider"></span>'])(
    "are letters in %s",
    async (html) => {
      const go = jest.fn();
      await drawn(() => useShortcuts({ "1": go }));
      key("1", {}, add(html));
      expect(go).not.toHaveBeenCalled();
    },
  );

  test("are silent while something is asked, and space is the button's own", async () => {
    const go = jest.fn();
    await drawn(() => useShortcuts({ "1": go, " ": go }));
    key(" ", {}, add("<button>Pull</button>"));
    add("<dialog open></dialog>");
    key("1");
    expect(go).not.toHaveBeenCalled();
  });

  test("by what is written on the key, wherever the keyboard has it; space by its place", async () => {
    const [find, help, stop] = [jest.fn(), jest.fn(), jest.fn()];
    await drawn(() => useShortcuts({ "/": find, "?": help, " ": stop }));
    // a German keyboard: shift and seven, shift and the key beside nought
    key("/", { code: "Digit7", shiftKey: true });
    key("?", { code: "Minus", shiftKey: true });
    key(" ", { code: "Space" });
    expect([find, help, stop].map(({ mock }) => mock.calls.length)).toEqual([1, 1, 1]);
  });

  test("a page without a key for space leaves it to the browser", async () => {
    await drawn(() => useShortcuts({ "1": jest.fn() }));
    const event = new KeyboardEvent("keydown", { key: " ", code: "Space", bubbles: true, cancelable: true });
    document.body.dispatchEvent(event);
    expect(event.defaultPrevented).toBe(false);
  });

  test("follow what the page means now, and end with it", async () => {
    const [first, second] = [jest.fn(), jest.fn()];
    let run = first;
    const { again } = await drawn(() => useShortcuts({ "1": run }));
    run = second;
    await again();
    key("1");
    await act(async () => root.unmount());
    key("1");
    root = createRoot(document.createElement("div"));
    expect([first.mock.calls.length, second.mock.calls.length]).toEqual([0, 1]);
  });
});

describe("a screen that stays on", () => {
  const screen = (wakeLock: unknown) => {
    Object.defineProperty(navigator, "wakeLock", { value: wakeLock, configurable: true });
    return () => delete (navigator as { wakeLock?: unknown }).wakeLock;
  };
  const awake = () =>
    drawn(() => {
      useKeepAwake();
      return useAwake();
    });

  test("where the address allows it, and let go with the page", async () => {
    const release = jest.fn(async () => undefined);
    const end = screen({ request: async () => ({ release }) });
    const { last } = await awake();
    expect(last()).toBe("on");
    await act(async () => root.unmount());
    expect(release).toHaveBeenCalledTimes(1);
    root = createRoot(document.createElement("div"));
    end();
  });

  test("a tablet that saves its battery says no", async () => {
    const end = screen({ request: () => Promise.reject(new Error("battery")) });
    expect((await awake()).last()).toBe("refused");
    end();
  });

  test("over plain HTTP there is no such thing, and the page knows", async () => {
    expect((await awake()).last()).toBe("not-here");
  });

  test("it is asked for again when the cook comes back to the page", async () => {
    const request = jest.fn(async () => ({ release: async () => undefined }));
    const end = screen({ request });
    await awake();
    await act(async () => void document.dispatchEvent(new Event("visibilitychange")));
    expect(request).toHaveBeenCalledTimes(2);
    end();
  });
});

describe("focus after going to another page", () => {
  const main = (html: string) => {
    const part = document.createElement("main");
    part.id = "main";
    part.innerHTML = html;
    document.body.append(part);
    return part;
  };

  test("is on its heading", async () => {
    main("<h1>Ice</h1><button>Move</button>");
    let at = "/dock";
    const { again } = await drawn(() => useHeadFocus(at));
    expect(document.activeElement).toBe(document.body);
    at = "/ice";
    await again();
    expect(document.activeElement?.textContent).toBe("Ice");
  });

  test("waits for a heading that comes later, and not for ever", async () => {
    const part = main("<p>…</p>");
    let at = "/dock";
    const { again } = await drawn(() => useHeadFocus(at));
    at = "/book";
    await again();
    part.innerHTML = "<h1>Book</h1>";
    await act(async () => jest.advanceTimersByTimeAsync(10));
    expect(document.activeElement?.textContent).toBe("Book");
    part.innerHTML = "";
    at = "/raw";
    await again();
    await act(async () => jest.advanceTimersByTimeAsync(2000));
    part.innerHTML = "<h1>Raw</h1>";
    await act(async () => jest.advanceTimersByTimeAsync(10));
    expect(document.activeElement).toBe(document.body);
  });

  test("stays where the page itself put the hand", async () => {
    const part = main("<h1>Dock</h1><input>");
    let at = "/ice";
    const { again } = await drawn(() => useHeadFocus(at));
    part.querySelector("input")!.focus();
    at = "/dock";
    await again();
    expect(document.activeElement).toBe(part.querySelector("input"));
  });
});

describe("the chef's PIN", () => {
  test("is asked for until it is answered, and the asker hears which way", async () => {
    const { last } = await drawn(useChefsPinAsked);
    expect(last()).toBe(false);
    for (const given of [true, false]) {
      let asked!: Promise<boolean>;
      act(() => void (asked = askChefsPin()));
      expect(last()).toBe(true);
      act(() => answerChefsPin(given));
      expect(last()).toBe(false);
      expect(await asked).toBe(given);
    }
  });

  test("a second asker sends the first away empty-handed", async () => {
    const first = askChefsPin();
    const second = askChefsPin();
    answerChefsPin(true);
    expect(await Promise.all([first, second])).toEqual([false, true]);
  });
});
