/**
 * @jest-environment jsdom
 * @jest-environment-options {"customExportConditions": ["node", "node-addons"]}
 */
import fc from "fast-check";
import { act } from "react";
import { formatFor, type Units } from "@/words/format/format";
import { numberText } from "@/words/format/typedNumber";
import { t } from "@/words/ui";
import {
  again,
  buttonCalled,
  clear,
  click,
  device,
  drawIn,
  HOUSE,
  houseOf,
  leave,
  one,
  pressKey,
  said,
  typeInto,
} from "../drawn.testkit";
import { NumberFields } from "./NumberFields";
import { NumberInput } from "./NumberInput";
import { QuantityField } from "./QuantityField";
import { input, kept, looked } from "./kept.testkit";

afterEach(async () => {
  device.fingers = false;
  jest.useRealTimers();
  await clear();
});

describe("a number typed by wet hands", () => {
  const field = (props: Partial<Parameters<typeof NumberInput>[0]> = {}, first: number | null = 5) =>
    kept<number | null>(first, (value, onChange) => (
      <NumberInput aria-label="Weight" value={value} onChange={onChange} {...props} />
    ));

  test("comma and point are the same, blanks are passed over, and every letter is passed on as far as it is a number", async () => {
    const { page, passed } = field();
    await drawIn(HOUSE, page);
    for (const text of ["1.5", "1,5", " 1 5 ", "−2", "0,25"]) await typeInto(input(), text);
    expect(passed).toEqual([1.5, 15, -2, 0.25]);
    await leave(input());
    expect(input().value).toBe("0.25");
  });

  test("what cannot be meant stays as typed with the reason, and nothing is done until it is looked at", async () => {
    const { page, passed } = field({ min: 1, max: 10 });
    await drawIn(HOUSE, page);
    await typeInto(input(), "4o");
    expect(said()).toContain(t("thatIsNoNumber"));
    expect([input().value, input().getAttribute("aria-invalid"), passed.at(-1)]).toEqual(["4o", "true", null]);
    await leave(input());
    expect(input().value).toBe("4o");
    expect(await looked()).toBe(t("lookAtTheField", { label: "Weight" }));
    expect(document.activeElement).toBe(input());
    await typeInto(input(), "40");
    expect(said()).toContain(t("betweenTwo", { min: "1", max: "10" }));
    await typeInto(input(), "4");
    await leave(input());
    expect([await looked(), passed.at(-1), input().getAttribute("aria-invalid")]).toEqual([null, 4, "false"]);
  });

  test.each([
    [{ min: 2 }, "1", t("atLeast", { min: "2" })],
    [{ max: 8 }, "9", t("atMost", { max: "8" })],
    [{ whole: true }, "2.5", t("wholeNumbersOnly")],
    [{ usual: [20, 200] as const }, "2000", t("thatIsUnusual", { from: "20", to: "200" })],
  ])("%j: %s is answered with %s", async (props, text, problem) => {
    const { page, passed } = field(props);
    await drawIn(HOUSE, page);
    await typeInto(input(), text);
    expect(said()).toContain(problem);
    expect(passed.at(-1)).toBeNull();
  });

  test("what is unusual is taken after one tap that says it is meant", async () => {
    const { page, passed } = field({ usual: [20, 200] });
    await drawIn(HOUSE, page);
    await typeInto(input(), "900");
    await click(buttonCalled(t("yesIt", { number: "900" })));
    expect(passed.at(-1)).toBe(900);
    expect(input().getAttribute("aria-invalid")).toBe("false");
  });

  test("where the house has not said what it writes, 1,200 is asked back; where it has, it is read so", async () => {
    const unsaid = field();
    await drawIn({ ...HOUSE, decimalMark: null }, unsaid.page);
    await typeInto(input(), "1,200");
    expect(said()).toContain(t("whichOfThem"));
    await click(buttonCalled(t("yesIt", { number: "1200" })));
    expect(unsaid.passed.at(-1)).toBe(1200);
    for (const [decimalMark, value] of [
      ["comma", 1.2],
      ["point", 1200],
    ] as const) {
      const saidSo = field();
      await drawIn({ ...HOUSE, decimalMark }, saidSo.page);
      await typeInto(input(), "1,200");
      expect(saidSo.passed.at(-1)).toBe(value);
    }
  });

  test("of two readings the one that can be meant is taken without asking", async () => {
    const { page, passed } = field({ max: 100 });
    await drawIn({ ...HOUSE, decimalMark: null }, page);
    await typeInto(input(), "1,200");
    expect(passed.at(-1)).toBe(1.2);
  });

  test("arrows step it, within its range, without the dust of binary fractions", async () => {
    const { page, passed } = field({ min: 0, max: 0.6, step: 0.1 }, 0.1);
    await drawIn(HOUSE, page);
    await act(async () => input().focus());
    for (let press = 0; press < 7; press++) await pressKey(input(), "ArrowUp");
    expect(passed).toEqual([0.2, 0.3, 0.4, 0.5, 0.6]);
    await pressKey(input(), "ArrowDown");
    expect(passed.at(-1)).toBe(0.5);
  });

  test("a page that changes it meanwhile has the last word once the hand has left", async () => {
    const draw = (value: number) => <NumberInput aria-label="Weight" value={value} />;
    await drawIn(HOUSE, draw(5));
    await typeInto(input(), "7");
    await again(HOUSE, draw(6));
    expect(input().value).toBe("7");
    await leave(input());
    expect(input().value).toBe("6");
  });

  test("a comma house is shown commas", async () => {
    await drawIn({ ...HOUSE, decimalMark: "comma" }, <NumberInput aria-label="Weight" value={1.25} />);
    expect(input().value).toBe("1,25");
  });

  test("what is shown is read as what it is, in every house", () => {
    fc.assert(
      fc.property(fc.integer({ min: -999_999, max: 999_999 }), (thousandths) => {
        const value = thousandths / 1000;
        for (const mark of ["point", "comma"] as const)
          expect(numberText(value, mark).replace(",", ".")).toBe(String(value));
      }),
    );
  });
});

describe("a quantity is said in the units of the house and kept in the core's", () => {
  test.each([
    // NIST SP 811 (2008), Appendix B.8: ounce 28.349 52 g, inch 25.4 mm, fluid ounce (US) 29.573 53 ml; °F by its definition
    ["mass", "imperial", "8", 226.796],
    ["length", "imperial", "1 1/2", 38.1],
    ["length", "imperial", "7/8", 22.225],
    ["temperature", "imperial", "140", 60],
    ["volume", "imperial", "4", 118.294],
    ["mass", "metric", "226,8", 226.8],
    ["length", "metric", "38.1", 38.1],
    ["temperature", "metric", "60", 60],
    ["volume", "metric", "118", 118],
  ] as const)("%s in a house that is %s: %s", async (kind, units, text, wanted) => {
    const { page, passed } = kept(100, (value, onChange) => (
      <QuantityField label="How much" kind={kind} value={value} min={1} max={2000} onChange={onChange} />
    ));
    await drawIn({ ...houseOf(units), decimalMark: null }, page);
    const format = formatFor(units, null, null);
    const unit = {
      mass: format.massUnit,
      length: format.lengthUnit,
      temperature: format.degree,
      volume: format.volumeUnit,
    }[kind];
    expect(one("label").textContent).toContain(`How much, ${unit}`);
    await typeInto(input(), text);
    expect(passed.at(-1)! / wanted).toBeCloseTo(1, 3);
  });

  test("what is out of range is refused in the units it was typed in", async () => {
    const { page, passed } = kept(100, (value, onChange) => (
      <QuantityField label="How much" kind="mass" value={value} min={28.35} max={283.5} onChange={onChange} />
    ));
    await drawIn(houseOf("imperial"), page);
    await typeInto(input(), "11");
    expect(said()).toContain(t("betweenTwo", { min: "1", max: "10" }));
    expect(passed).toEqual([]);
  });

  test.each(["metric", "imperial"] as const)("shown, read and shown again it is the same: %s", async (units: Units) => {
    for (const value of [12, 37.5, 160, 999]) {
      const { page, passed } = kept(1, (now, onChange) => (
        <QuantityField label="How much" kind="mass" value={now} min={0.1} max={5000} onChange={onChange} />
      ));
      await drawIn(houseOf(units), page);
      const format = formatFor(units, null, "point");
      const text = format.toMass(value).toFixed(3);
      await typeInto(input(), text);
      expect(Math.abs(passed.at(-1)! / value - 1)).toBeLessThan(0.002);
    }
  });

  test("figures of a form side by side change one part of it each", async () => {
    const { page, passed } = kept<Partial<{ pieceG: number; pieces: number }>>(
      { pieceG: 150, pieces: 4 },
      (value, onChange) => (
        <NumberFields
          value={value as { pieceG: number; pieces: number }}
          fields={[
            { of: "pieceG", label: "Piece", kind: "mass", min: 1, max: 900 },
            { of: "pieces", label: "Pieces", min: 1, max: 20, whole: true },
          ]}
          onChange={(part) => onChange({ ...value, ...part })}
        />
      ),
    );
    await drawIn(HOUSE, page);
    const [piece, pieces] = document.querySelectorAll("input");
    await typeInto(piece!, "170");
    await typeInto(pieces!, "6");
    await typeInto(pieces!, "2.5");
    expect(passed).toEqual([
      { pieceG: 170, pieces: 4 },
      { pieceG: 170, pieces: 6 },
    ]);
  });
});
