/**
 * @jest-environment jsdom
 * @jest-environment-options {"customExportConditions": ["node", "node-addons"]}
 */
import { act, type ReactElement } from "react";
import { hydrateRoot, type Root } from "react-dom/client";
import { renderToString } from "react-dom/server";
import { schemeFor, type Grade } from "@/core/freshness";
import { findSpecies } from "@/core/species";
import { t } from "@/words/ui";
import { clear, HOUSE, one, said } from "../drawn.testkit";
import { HouseProvider } from "../hooks/HouseContext";
import { Choice } from "./Choice";
import { GradeRow } from "./GradeRow";
import { kept } from "./kept.testkit";
import { NumberInput } from "./NumberInput";
import { TextInput } from "./TextInput";
import { TextLines } from "./TextLines";

let root: Root | null = null;
afterEach(async () => {
  await act(async () => root?.unmount());
  root = null;
  await clear();
});

/** The page as the server sent it, hands at it, and only then the page alive. */
async function wake(part: ReactElement, hands: (sent: HTMLElement) => void): Promise<void> {
  const whole = <HouseProvider house={HOUSE}>{part}</HouseProvider>;
  const sent = document.createElement("div");
  document.body.append(sent);
  sent.innerHTML = renderToString(whole);
  hands(sent);
  await act(async () => void (root = hydrateRoot(sent, whole)));
}

const typed = (selector: string, text: string) => (sent: HTMLElement) => {
  const input = sent.querySelector<HTMLInputElement>(selector)!;
  input.focus();
  input.value = text;
};

test("words typed before the page came alive are the page's, once", async () => {
  const { passed, page } = kept("", (value, onChange) => (
    <TextInput value={value} onChange={({ target }) => onChange(target.value)} />
  ));
  await wake(page, typed("input", "Wine for the evening"));
  expect(passed).toEqual(["Wine for the evening"]);
  expect(one<HTMLInputElement>("input").value).toBe("Wine for the evening");
});

test("lines too", async () => {
  const { passed, page } = kept("", (value, onChange) => (
    <TextLines value={value} onChange={({ target }) => onChange(target.value)} />
  ));
  await wake(page, typed("textarea", "the walk-in hums"));
  expect(passed).toEqual(["the walk-in hums"]);
});

test("a field nobody touched says nothing", async () => {
  const { passed, page } = kept("as it was", (value, onChange) => (
    <>
      <TextInput value={value} onChange={({ target }) => onChange(target.value)} />
      <TextLines value={value} onChange={({ target }) => onChange(target.value)} />
      <Choice value={value} options={[{ value, label: value }]} onChange={onChange} />
    </>
  ));
  await wake(page, () => undefined);
  expect(passed).toEqual([]);
});

test("a number is judged as if it had been typed now, and the hand goes on where it was", async () => {
  const { passed, page } = kept<number | null>(200, (value, onChange) => (
    <NumberInput value={value} min={10} max={300} onChange={onChange} />
  ));
  await wake(page, typed("input", "400"));
  expect(passed).toEqual([null]);
  expect(said()).toContain(t("betweenTwo", { min: "10", max: "300" }));
  const input = one<HTMLInputElement>("input");
  expect([input.value, document.activeElement]).toEqual(["400", input]);
});

test("half a number is left as the hand left it", async () => {
  const { passed, page } = kept<number | null>(2, (value, onChange) => (
    <NumberInput value={value} min={0} max={9} onChange={onChange} />
  ));
  await wake(page, typed("input", "1."));
  expect(passed).toEqual([1]);
  expect(one<HTMLInputElement>("input").value).toBe("1.");
});

test("a grade tapped early is the grade, and one from the device's own list", async () => {
  const [attribute] = schemeFor(findSpecies("cod")!, "whole-gutted", false).attributes;
  const grade = kept<Grade | undefined>(undefined, (value, onChange) => (
    <GradeRow attribute={attribute!} grade={value} onGrade={onChange} />
  ));
  const way = kept<"ice" | "slurry">("ice", (value, onChange) => (
    <Choice
      value={value}
      options={[
        { value: "ice", label: "Ice" },
        { value: "slurry", label: "Slurry" },
      ]}
      onChange={onChange}
    />
  ));
  await wake(
    <>
      {grade.page}
      {way.page}
    </>,
    (sent) => {
      sent.querySelectorAll<HTMLInputElement>("input[type=radio]")[2]!.checked = true;
      sent.querySelector("select")!.value = "slurry";
    },
  );
  expect([grade.passed, way.passed]).toEqual([[2], ["slurry"]]);
  expect(document.querySelectorAll<HTMLInputElement>("input[type=radio]")[2]!.checked).toBe(true);
});
