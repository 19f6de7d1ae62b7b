/**
 * @jest-environment jsdom
 * @jest-environment-options {"customExportConditions": ["node", "node-addons"]}
 */
import fc from "fast-check";
import { act } from "react";
import { t } from "@/words/ui";
import { buttonCalled, clear, click, device, drawIn, HOUSE, leave } from "../drawn.testkit";
import { Keypad } from "./Keypad";
import { NumberInput } from "./NumberInput";
import { afterKey } from "./pad";
import { input, kept } from "./kept.testkit";

afterEach(async () => {
  device.fingers = false;
  jest.useRealTimers();
  await clear();
});

describe("the keys in the page", () => {
  test("a key goes where the caret is, in place of what is marked; one back takes one", () => {
    expect(afterKey("160", [0, 3], "7")).toEqual({ text: "7", caret: 1 });
    expect(afterKey("160", [1, 1], "5")).toEqual({ text: "1560", caret: 2 });
    expect(afterKey("160", [3, 3], "back")).toEqual({ text: "16", caret: 2 });
    expect(afterKey("160", [0, 0], "back")).toEqual({ text: "160", caret: 0 });
    expect(afterKey("160", [0, 2], "back")).toEqual({ text: "0", caret: 0 });
    expect(afterKey("18", [2, 2], "sign")).toEqual({ text: "-18", caret: 3 });
    expect(afterKey("-18", [3, 3], "sign")).toEqual({ text: "18", caret: 2 });
  });

  test("law: the same keys one after the other spell what was pressed", () => {
    fc.assert(
      fc.property(fc.array(fc.integer({ min: 0, max: 9 }), { maxLength: 9 }), (digits) => {
        let now = { text: "", caret: 0 };
        for (const digit of digits) now = afterKey(now.text, [now.caret, now.caret], String(digit));
        expect(now).toEqual({ text: digits.join(""), caret: digits.length });
        for (let at = digits.length; at > 0; at--) now = afterKey(now.text, [now.caret, now.caret], "back");
        expect(now.text).toBe("");
      }),
    );
  });

  test("come for fingers alone, write into the field in hand and go with it", async () => {
    const pad = (whole: boolean) =>
      kept<number | null>(null, (value, onChange) => (
        <>
          <NumberInput aria-label="Covers" min={0} max={999} whole={whole} value={value} onChange={onChange} />
          <Keypad />
        </>
      ));
    const mouse = pad(false);
    await drawIn(HOUSE, mouse.page);
    await act(async () => input().focus());
    expect(document.querySelector("[data-testid=keypad]")).toBeNull();

    device.fingers = true;
    const touch = pad(false);
    await drawIn(HOUSE, touch.page);
    expect(input().inputMode).toBe("none");
    await act(async () => input().focus());
    for (const name of ["1", "2", t("decimalMark"), "5"]) await click(buttonCalled(name));
    expect(touch.passed.at(-1)).toBe(12.5);
    await click(buttonCalled(t("takeOneBack")));
    await click(buttonCalled(t("takeOneBack")));
    expect(touch.passed.at(-1)).toBe(12);
    expect(document.querySelector(`[aria-label="${t("decimalMark")}"]`)).not.toBeNull();
    await leave(input());
    expect(document.querySelector("[data-testid=keypad]")).toBeNull();

    await drawIn(HOUSE, pad(true).page);
    await act(async () => input().focus());
    expect(document.querySelector(`[aria-label="${t("decimalMark")}"]`)).toBeNull();
  });
});
