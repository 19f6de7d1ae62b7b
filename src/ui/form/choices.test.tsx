/**
 * @jest-environment jsdom
 * @jest-environment-options {"customExportConditions": ["node", "node-addons"]}
 */
import { act } from "react";
import { schemeFor, type Grade } from "@/core/freshness";
import { findSpecies } from "@/core/species";
import { t } from "@/words/ui";
import { buttonCalled, clear, click, device, drawIn, HOUSE, leave, one, said, typeInto } from "../drawn.testkit";
import { Choice } from "./Choice";
import { FileButton } from "./FileButton";
import { GradeRow } from "./GradeRow";
import { SpeciesSearch } from "./SpeciesSearch";
import { input, kept, looked } from "./kept.testkit";

afterEach(async () => {
  device.fingers = false;
  jest.useRealTimers();
  await clear();
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
