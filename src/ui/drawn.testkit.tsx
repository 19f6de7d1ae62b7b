import { act, type ReactElement } from "react";
import { createRoot, type Root } from "react-dom/client";
import type { Units } from "@/words/format/format";
import { HouseProvider, type HouseSettings } from "./hooks/HouseContext";
import { Messages } from "./layout/Messages";

Object.assign(globalThis, { IS_REACT_ACT_ENVIRONMENT: true });

/** What a browser has and jsdom does not; nothing is as wide as a screen, and nothing is watched. */
class Watcher {
  observe(): void {}
  unobserve(): void {}
  disconnect(): void {}
}
/** A channel that says what it hears a moment later. */
class Channel {
  readonly port1: { onmessage: ((event: { readonly data: unknown }) => void) | null } = { onmessage: null };
  readonly port2 = { postMessage: (data: unknown) => void setTimeout(() => this.port1.onmessage?.({ data })) };
}
/** What the device is worked by: nothing, or fingers. */
export const device = { fingers: false };
Object.assign(globalThis, { ResizeObserver: Watcher, IntersectionObserver: Watcher, MessageChannel: Channel });
Object.assign(window, {
  matchMedia: (media: string) => ({
    media,
    matches: device.fingers && media === "(pointer: coarse)",
    addEventListener: () => undefined,
    removeEventListener: () => undefined,
    addListener: () => undefined,
    removeListener: () => undefined,
  }),
  scrollTo: () => undefined,
});
Element.prototype.scrollIntoView = () => undefined;

/** What React and jsdom complain of goes to the console: a complaint about the page fails its test, that jsdom has no canvas and no measures is known. */
const complaints: string[] = [];
const KNOWN =
  /Not implemented: (HTMLCanvasElement|window\.getComputedStyle)|`NaN` is an invalid value for the `%s` css style property/;
beforeAll(() => {
  jest.spyOn(console, "error").mockImplementation((...parts: readonly unknown[]) => {
    const text = parts.map((part) => (part instanceof Error ? part.message : String(part))).join(" ");
    if (!KNOWN.test(text)) complaints.push(text.slice(0, 300));
  });
});
afterEach(() => expect(complaints.splice(0)).toEqual([]));

let root: Root | null = null;

/** A house that is nobody's, for parts that ask for its settings. */
export const HOUSE: HouseSettings = {
  name: "Skarv",
  timeZone: "Europe/Copenhagen",
  units: "metric",
  currency: "DKK",
  decimalMark: "point",
  ruleSetId: "eu-853",
  susceptibleGuests: false,
  ownSpecies: [],
};
export const houseOf = (units: Units): HouseSettings => ({ ...HOUSE, units });

/** Draws a part as this house sees it, in place of what was drawn. */
export async function drawIn(house: HouseSettings, part: ReactElement): Promise<void> {
  await clear();
  const page = document.createElement("div");
  document.body.append(page);
  root = createRoot(page);
  await again(house, part);
}

/** Draws once more with other facts, as the page does when it hears of them. */
export const again = (house: HouseSettings, part: ReactElement): Promise<void> =>
  act(async () =>
    root!.render(
      <HouseProvider house={house}>
        <Messages>{part}</Messages>
      </HouseProvider>,
    ),
  );

export async function clear(): Promise<void> {
  const drawn = root;
  root = null;
  if (drawn) await act(async () => drawn.unmount());
  document.body.replaceChildren();
}

/** What the page says now. */
export const said = (): string => document.body.textContent.replace(/\s+/g, " ");

/** Types as a hand does, and stays in the field. */
export async function typeInto(input: HTMLInputElement | HTMLTextAreaElement, text: string): Promise<void> {
  const prototype = input instanceof HTMLTextAreaElement ? HTMLTextAreaElement.prototype : HTMLInputElement.prototype;
  const setValue = Object.getOwnPropertyDescriptor(prototype, "value")!.set!;
  await act(async () => {
    input.focus();
    setValue.call(input, text);
    input.dispatchEvent(new Event("input", { bubbles: true }));
  });
}

export const leave = (input: HTMLElement): Promise<void> => act(async () => input.blur());

/** A key pressed where the hand is. */
export const pressKey = (on: Element, key: string): Promise<void> =>
  act(async () => void on.dispatchEvent(new KeyboardEvent("keydown", { key, bubbles: true, cancelable: true })));

export const click = (on: Element): Promise<void> =>
  act(async () => void on.dispatchEvent(new MouseEvent("click", { bubbles: true, cancelable: true, detail: 1 })));

/** The one element of a selector. */
export function one<E extends Element>(selector: string): E {
  const [found, ...others] = document.querySelectorAll<E>(selector);
  if (!found || others.length > 0)
    throw new Error(`${others.length + (found ? 1 : 0)} of ${selector} in: ${document.body.innerHTML.slice(0, 2000)}`);
  return found;
}

export function buttonCalled(name: string | RegExp): HTMLButtonElement {
  const called = (text: string) => (typeof name === "string" ? text.trim() === name : name.test(text));
  const found = [...document.querySelectorAll("button")].find(
    (button) => called(button.textContent) || called(button.getAttribute("aria-label") ?? ""),
  );
  if (!found)
    throw new Error(
      `no button ${name}: ${[...document.querySelectorAll("button")].map((b) => b.textContent).join("|")}`,
    );
  return found;
}
