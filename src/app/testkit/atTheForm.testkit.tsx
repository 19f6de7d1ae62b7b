import { act, type ReactElement } from "react";
import { findHouse, type House } from "@/db/house/house";
import { listOwnSpecies } from "@/db/house/species";
import { db } from "@/db/connection";
import { entriesBetween } from "@/db/ledger";
import * as drawn from "@/ui/drawn.testkit";
import type { Units } from "@/words/format/format";
import { untilAnswered } from "./answers.testkit";
import { went } from "./framework.testkit";

export { untilAnswered, went };

/** Draws a form as a house of these units sees it. */
export const draw = async (units: Units, form: ReactElement): Promise<void> => {
  went.length = 0;
  await drawn.drawIn(settings(findHouse(db())!, units), form);
};

export const clear = async (): Promise<void> => {
  await drawn.clear();
  went.length = 0;
};

const settings = ({ name, timeZone, currency, decimalMark, ruleSetId, susceptibleGuests }: House, units: Units) => ({
  name,
  timeZone,
  units,
  currency,
  decimalMark,
  ruleSetId,
  susceptibleGuests,
  ownSpecies: listOwnSpecies(db()),
});

const isCalled = (name: string | RegExp) => (text: string) =>
  typeof name === "string" ? text.trim() === name : name.test(text.trim());

/** The field of a label; the label may carry the unit behind a comma. */
export function field(label: string): HTMLInputElement {
  const of = [...document.querySelectorAll("label")].find((one) => {
    const text = (one.querySelector("span")?.textContent ?? one.textContent).trim();
    return text === label || text.startsWith(`${label}, `);
  });
  const found = of?.htmlFor ? document.getElementById(of.htmlFor) : of?.querySelector("input, textarea");
  const input = found ?? document.querySelector(`[aria-label="${label}"]`);
  if (!input) throw new Error(`no field is called ${label}: ${labels().join(" | ")}`);
  return input as HTMLInputElement;
}

const labels = () => [...document.querySelectorAll("label")].map((one) => one.textContent);

/** Types as a hand does, and leaves the field. */
export async function type(label: string, text: string): Promise<void> {
  const input = field(label);
  await drawn.typeInto(input, text);
  await drawn.leave(input);
}

export function button(name: string | RegExp): HTMLButtonElement {
  const found = [...document.querySelectorAll("button")].find((one) => isCalled(name)(one.textContent));
  if (!found) {
    const there = [...document.querySelectorAll("button")].map((one) => one.textContent);
    throw new Error(`no button is called ${name}: ${there.join(" | ")}`);
  }
  return found;
}

/** Presses and waits until the house has answered. */
export async function press(name: string | RegExp): Promise<void> {
  const target = button(name);
  await act(async () => {
    target.click();
    // an act looks for a second touch, asks the house and shows what it said
    await untilAnswered(400);
  });
}

/** Presses whichever of these is there and may be pressed. */
export async function pressEither(names: readonly string[]): Promise<void> {
  const there = [...document.querySelectorAll("button")].find(
    ({ textContent, disabled }) => !disabled && names.includes(textContent.trim()),
  );
  if (there) await press(there.textContent.trim());
}

/** Opens a list of choices and takes the one of this name. */
export async function chooseIn(selector: string, name: string): Promise<void> {
  await act(async () => {
    drawn.one(selector).dispatchEvent(new MouseEvent("mousedown", { bubbles: true, button: 0 }));
    await untilAnswered(100);
  });
  const option = [...document.querySelectorAll<HTMLElement>(".ant-select-item-option")].find(
    ({ textContent }) => textContent === name,
  );
  await act(async () => {
    option!.click();
    await untilAnswered(50);
  });
}

export const { said } = drawn;

const FAR_MS = 4_000_000_000_000;
const book = () => entriesBetween(db(), 0, FAR_MS).toSorted((a, b) => a.seq - b.seq);

export type FormCase = {
  readonly form: () => ReactElement;
  /** What is typed, in the units of either house; one text where they do not differ. */
  readonly fill?: readonly (readonly [label: string, metric: string, imperial?: string])[];
  /** Pressed before, in order: what unfolds the form or chooses. */
  readonly first?: readonly (string | RegExp)[];
  readonly press: string | RegExp;
  /** What the page says then. */
  readonly says: RegExp;
  /** Numbers of the entry it writes that are the same in both houses, within half a per cent. */
  readonly same?: Readonly<Record<string, number>>;
  /** Writes no entry of its own. */
  readonly silent?: boolean;
  /** There is one of it: tried in an imperial house alone. */
  readonly once?: boolean;
};

/**
 * What holds for every form: filled in and pressed, in a metric house and in an imperial one, the house takes what it sends, says so, and
 * writes the same quantities down.
 */
export function formLaws(cases: Readonly<Record<string, FormCase>>): void {
  describe.each(Object.entries(cases))(
    "%s",
    (_, { form, fill = [], first = [], press: name, says, same = {}, silent, once }) => {
      test.each(once ? (["imperial"] as const) : (["metric", "imperial"] as const))(
        "a house that is %s",
        async (units) => {
          await draw(units, form());
          for (const one of first) await press(one);
          for (const [label, metric, imperial = metric] of fill)
            await type(label, units === "metric" ? metric : imperial);
          const before = book().length;
          await press(name);
          expect(said()).toMatch(says);
          const written = book().slice(before);
          if (!silent) expect(written.length).toBeGreaterThan(0);
          const payload = Object.assign({}, ...written.map((entry) => entry.payload)) as Readonly<
            Record<string, number>
          >;
          for (const [key, wanted] of Object.entries(same)) {
            expect(Object.keys(payload)).toContain(key);
            expect([key, Math.abs(payload[key]! / wanted - 1) < 0.005, payload[key]]).toEqual([
              key,
              true,
              payload[key],
            ]);
          }
        },
      );
    },
  );
}
