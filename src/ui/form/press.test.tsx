/**
 * @jest-environment jsdom
 * @jest-environment-options {"customExportConditions": ["node", "node-addons"]}
 */
import { act, useState } from "react";
import { t } from "@/words/ui";
import { buttonCalled, clear, click, device, drawIn, HOUSE, one, pressKey, typeInto } from "../drawn.testkit";
import { HoldButton } from "./HoldButton";
import { PinPad } from "./PinPad";
import { PlainButton } from "./PlainButton";
import { input } from "./kept.testkit";

afterEach(async () => {
  device.fingers = false;
  jest.useRealTimers();
  await clear();
});

test("a plain button that waits for its answer keeps the focus, says that it is busy and takes no second press", async () => {
  const pressed = jest.fn();
  const Slow = () => {
    const [busy, setBusy] = useState(false);
    const press = () => {
      pressed();
      setBusy(true);
    };
    return (
      <PlainButton busy={busy} onClick={press}>
        One gone
      </PlainButton>
    );
  };
  await drawIn(HOUSE, <Slow />);
  const button = one<HTMLButtonElement>("button");
  button.focus();
  await click(button);
  await click(button);
  expect(pressed).toHaveBeenCalledTimes(1);
  expect([document.activeElement === button, button.disabled, button.getAttribute("aria-busy")]).toEqual([
    true,
    false,
    "true",
  ]);
});

describe("what cannot be taken back", () => {
  const pointer = (type: string) =>
    act(async () => void one("button").dispatchEvent(new MouseEvent(type, { bubbles: true })));
  const keyed = () =>
    act(async () => void one("button").dispatchEvent(new MouseEvent("click", { bubbles: true, detail: 0 })));
  const later = (ms: number) => act(async () => jest.advanceTimersByTime(ms));

  test("is done by a finger that stays, and not by a sleeve that brushes it", async () => {
    jest.useFakeTimers();
    const done = jest.fn();
    await drawIn(HOUSE, <HoldButton onConfirm={done}>Throw away</HoldButton>);
    await pointer("pointerdown");
    await later(400);
    await pointer("pointerup");
    expect(one("button").textContent).toContain(t("holdToDoIt"));
    await later(3500);
    expect([done.mock.calls.length, one("button").textContent]).toEqual([0, "Throw away"]);
    await pointer("pointerdown");
    await later(800);
    expect(done).toHaveBeenCalledTimes(1);
    await pointer("pointerup");
    await click(one("button"));
    expect(done).toHaveBeenCalledTimes(1);
  });

  test("by the keyboard it takes two presses that belong together", async () => {
    jest.useFakeTimers();
    const done = jest.fn();
    await drawIn(HOUSE, <HoldButton onConfirm={done}>Throw away</HoldButton>);
    await keyed();
    await later(4000);
    await keyed();
    expect(done).not.toHaveBeenCalled();
    await later(1000);
    await keyed();
    expect(done).toHaveBeenCalledTimes(1);
  });
});

describe("a PIN", () => {
  test("is typed by key or keyboard, at most six figures, and never shown", async () => {
    const entered = jest.fn();
    const Pad = () => {
      const [pin, setPin] = useState("");
      return <PinPad label="PIN of Ylva" value={pin} onChange={setPin} onEnter={() => entered(pin)} />;
    };
    await drawIn(HOUSE, <Pad />);
    expect(input().type).toBe("password");
    for (const key of ["6", "3", "9", "2"]) await click(buttonCalled(key));
    expect(input().value).toBe("6392");
    await click(buttonCalled(t("takeOneBack")));
    expect(input().value).toBe("639");
    await typeInto(input(), "63a92 55 88");
    expect(input().value).toBe("639255");
    await pressKey(input(), "Enter");
    expect(entered).toHaveBeenCalledWith("639255");
  });
});
