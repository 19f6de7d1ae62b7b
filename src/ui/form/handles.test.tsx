/**
 * @jest-environment jsdom
 * @jest-environment-options {"customExportConditions": ["node", "node-addons"]}
 */
import { clear, device, drawIn, HOUSE, houseOf, one, pressKey, typeInto } from "../drawn.testkit";
import { Calliper, THICKEST_MM, THINNEST_MM } from "./Calliper";
import { DragHandle } from "./DragHandle";
import { input, kept } from "./kept.testkit";

afterEach(async () => {
  device.fingers = false;
  jest.useRealTimers();
  await clear();
});

describe("a handle of a drawing", () => {
  const handle = () => one<SVGGElement>("[role=slider]");

  test("is moved by arrows, Page, Home and End, on its steps and within its ends", async () => {
    const { page, passed } = kept(20, (value, onChange) => (
      <svg>
        <DragHandle
          label="Thickness"
          text={`${value} mm`}
          value={value}
          min={1}
          max={40}
          step={1}
          bigStep={5}
          perPixel={() => 1}
          onChange={onChange}
        >
          <rect />
        </DragHandle>
      </svg>
    ));
    await drawIn(HOUSE, page);
    for (const key of ["ArrowUp", "ArrowLeft", "PageUp", "PageDown", "End", "ArrowUp", "Home", "x"])
      await pressKey(handle(), key);
    expect(passed).toEqual([21, 20, 25, 20, 40, 40, 1]);
    expect(handle().getAttribute("aria-valuetext")).toBe("1 mm");
  });

  test.each(["slab", "cylinder", "sphere", "puck", "tube"] as const)(
    "a calliper on a %s reads the same from its jaw and from its field, in both houses",
    async (shape) => {
      for (const [units, text, wanted] of [
        ["metric", "26.3", 26.5],
        ["imperial", "1 1/4", 32],
      ] as const) {
        const { page, passed } = kept(20, (value, onChange) => (
          <Calliper shape={shape} thicknessMm={value} flesh="white" skin onChange={onChange} />
        ));
        await drawIn(houseOf(units), page);
        await typeInto(input(), text);
        // the jaw stands on half millimetres
        expect(passed.at(-1)).toBe(wanted);
        expect(handle().getAttribute("aria-valuenow")).toBe(String(wanted));
        await pressKey(handle(), "End");
        expect(passed.at(-1)).toBe(THICKEST_MM);
        await pressKey(handle(), "Home");
        expect(passed.at(-1)).toBe(THINNEST_MM);
        expect(document.body.innerHTML).not.toMatch(/NaN|undefined/);
      }
    },
  );
});
