/**
 * @jest-environment jsdom
 * @jest-environment-options {"customExportConditions": ["node", "node-addons"]}
 */
import fc from "fast-check";
import { act, useState, type ReactElement } from "react";
import { schemeFor, type Grade } from "@/core/freshness";
import { findSpecies } from "@/core/species";
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
import { Calliper, THICKEST_MM, THINNEST_MM } from "./Calliper";
import { Choice } from "./Choice";
import { DragHandle } from "./DragHandle";
import { FileButton } from "./FileButton";
import { GradeRow } from "./GradeRow";
import { HoldButton } from "./HoldButton";
import { Keypad } from "./Keypad";
import { NumberFields } from "./NumberFields";
import { NumberInput } from "./NumberInput";
import { afterKey } from "./pad";
import { PinPad } from "./PinPad";
import { QuantityField } from "./QuantityField";
import { SpeciesSearch } from "./SpeciesSearch";
import { lookFirst } from "./unsettled";

afterEach(async () => {
  device.fingers = false;
  jest.useRealTimers();
  await clear();
});

const input = () => one<HTMLInputElement>("input");

/** What has to be looked at before anything is done; the finger is put on it. */
async function looked(): Promise<string | null> {
  let first: string | null = null;
  await act(async () => void (first = lookFirst()));
  return first;
}

/** A field as a page keeps it: what it passes on comes back to it. */
function kept<T>(first: T, draw: (value: T, onChange: (value: T) => void) => ReactElement) {
  const passed: T[] = [];
  const Page = () => {
    const [value, setValue] = useState(first);
    return draw(value, (next) => {
      passed.push(next);
      setValue(next);
    });
  };
  return { passed, page: <Page /> };
}

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

describe("a grade", () => {
  test("is one tap, and a second tap on it takes it back", async () => {
    const cod = findSpecies("cod")!;
    const [attribute] = schemeFor(cod, "whole-gutted", false).attributes;
    const { page, passed } = kept<Grade | undefined>(undefined, (grade, onGrade) => (
      <GradeRow attribute={attribute!} grade={grade} onGrade={onGrade} />
    ));
    await drawIn(HOUSE, page);
    const radios = () => [...document.querySelectorAll<HTMLInputElement>("input")];
    expect(radios()).toHaveLength(4);
    for (const [grade, words] of attribute!.words.entries())
      expect(radios()[grade]!.closest("label")!.textContent).toContain(words);
    await click(radios()[2]!);
    expect(radios().map(({ checked }) => checked)).toEqual([false, false, true, false]);
    await click(radios()[2]!);
    expect(passed).toEqual([2, undefined]);
  });
});

describe("a fish is found", () => {
  test("by a name it is sold under; what is typed and not chosen is no fish", async () => {
    const { page, passed } = kept("cod", (value, onChange) => (
      <SpeciesSearch id="fish" value={value} onChange={onChange} />
    ));
    await drawIn(HOUSE, page);
    const field = () => one<HTMLInputElement>("#fish");
    expect(field().value).toBe(findSpecies("cod")!.name);
    await typeInto(field(), "zzz");
    await leave(field());
    expect(said()).toContain(t("stillTheFish", { name: findSpecies("cod")!.name }));
    expect(await looked()).not.toBeNull();
    await leave(field());
    await click(buttonCalled(t("keepTheFish", { name: findSpecies("cod")!.name })));
    expect([field().value, passed, await looked()]).toEqual([findSpecies("cod")!.name, [], null]);
  });

  test("a name that can mean one fish alone counts as chosen when the hand leaves", async () => {
    const { page, passed } = kept("cod", (value, onChange) => (
      <SpeciesSearch id="fish" value={value} onChange={onChange} />
    ));
    await drawIn(HOUSE, page);
    await typeInto(one<HTMLInputElement>("#fish"), findSpecies("arctic-char")!.scientificName);
    await leave(one("#fish"));
    expect(passed).toEqual(["arctic-char"]);
  });
});

test("one of a few is chosen by the device's own list", async () => {
  const { page, passed } = kept<"ice" | "slurry">("ice", (value, onChange) => (
    <Choice
      id="bed"
      value={value}
      options={[
        { value: "ice", label: "On ice" },
        { value: "slurry", label: "In slurry" },
      ]}
      onChange={onChange}
    />
  ));
  await drawIn(HOUSE, page);
  const list = one<HTMLSelectElement>("#bed");
  await act(async () => {
    list.value = "slurry";
    list.dispatchEvent(new Event("change", { bubbles: true }));
  });
  expect([passed, list.value]).toEqual([["slurry"], "slurry"]);
});

test("the same file chosen twice is read twice", async () => {
  const files: string[] = [];
  await drawIn(
    HOUSE,
    <FileButton accept=".csv" onFile={({ name }) => void files.push(name)}>
      Choose
    </FileButton>,
  );
  const choose = (name: string) =>
    act(async () => {
      Object.defineProperty(input(), "files", { configurable: true, value: [new File(["a"], name)] });
      input().dispatchEvent(new Event("change", { bubbles: true }));
    });
  await choose("logger.csv");
  await choose("logger.csv");
  expect(files).toEqual(["logger.csv", "logger.csv"]);
});
