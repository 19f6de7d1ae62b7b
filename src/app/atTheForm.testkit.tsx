import { act, lazy, Suspense, type FunctionComponent, type ReactElement } from "react";
import { createRoot, type Root } from "react-dom/client";
import { findHouse, type House } from "@/db/house/house";
import { listOwnSpecies } from "@/db/house/species";
import { db } from "@/db/connection";
import { entriesBetween } from "@/db/ledger";
import { HouseProvider } from "@/ui/hooks/HouseContext";
import { Messages } from "@/ui/layout/Messages";
import type { Units } from "@/words/format/format";

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
Object.assign(globalThis, { ResizeObserver: Watcher, IntersectionObserver: Watcher, MessageChannel: Channel });
Object.assign(window, {
  matchMedia: (media: string) => ({
    media,
    matches: false,
    addEventListener: () => undefined,
    removeEventListener: () => undefined,
    addListener: () => undefined,
    removeListener: () => undefined,
  }),
  scrollTo: () => undefined,
});
Element.prototype.scrollIntoView = () => undefined;

/** What React and jsdom complain of goes to the console: a complaint about the page fails its test, that jsdom has no canvas is known. */
const complaints: string[] = [];
const KNOWN = /Not implemented: HTMLCanvasElement/;
beforeAll(() => {
  jest.spyOn(console, "error").mockImplementation((...parts: readonly unknown[]) => {
    const text = parts.map((part) => (part instanceof Error ? part.message : String(part))).join(" ");
    if (!KNOWN.test(text)) complaints.push(text.slice(0, 300));
  });
});
afterEach(() => expect(complaints.splice(0)).toEqual([]));

/** Where a form sends the cook when it is done. */
export const went: string[] = [];
export const nextNavigation = {
  useRouter: () => ({
    push: (to: string) => void went.push(to),
    replace: (to: string) => void went.push(to),
    refresh: () => undefined,
    back: () => undefined,
    prefetch: () => undefined,
  }),
  usePathname: () => "/",
  useSearchParams: () => new URLSearchParams(),
};
export const nextLink = {
  __esModule: true,
  default: ({ href, children, ...rest }: { readonly href: string; readonly children: ReactElement }) => (
    <a href={href} {...rest}>
      {children}
    </a>
  ),
};

type Part = FunctionComponent<object>;

/** What comes later comes at once. */
export const nextDynamic = {
  __esModule: true,
  default: (load: () => Promise<Part | { readonly default: Part }>) => {
    const Later = lazy(async () => {
      const part = await load();
      return { default: "default" in part ? part.default : part };
    });
    return (props: object) => (
      <Suspense>
        <Later {...props} />
      </Suspense>
    );
  },
};

let root: Root | null = null;
let page: HTMLElement;

/** Draws a form as a house of these units sees it. */
export async function draw(units: Units, form: ReactElement): Promise<void> {
  await clear();
  page = document.createElement("div");
  document.body.append(page);
  root = createRoot(page);
  const house = settings(findHouse(db())!, units);
  await act(async () =>
    root!.render(
      <HouseProvider house={house}>
        <Messages>{form}</Messages>
      </HouseProvider>,
    ),
  );
}

export async function clear(): Promise<void> {
  const drawn = root;
  root = null;
  if (drawn) await act(async () => drawn.unmount());
  document.body.replaceChildren();
  went.length = 0;
}

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
  const prototype = input instanceof HTMLTextAreaElement ? HTMLTextAreaElement.prototype : HTMLInputElement.prototype;
  const setValue = Object.getOwnPropertyDescriptor(prototype, "value")!.set!;
  await act(async () => {
    input.focus();
    setValue.call(input, text);
    input.dispatchEvent(new Event("input", { bubbles: true }));
  });
  await act(async () => input.blur());
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
    await new Promise((resolve) => setTimeout(resolve, 400));
  });
}

/** Presses whichever of these is there and may be pressed. */
export async function pressEither(names: readonly string[]): Promise<void> {
  const there = [...document.querySelectorAll("button")].find(
    ({ textContent, disabled }) => !disabled && names.includes(textContent.trim()),
  );
  if (there) await press(there.textContent.trim());
}

/** What the page says now. */
export const said = (): string => document.body.textContent.replace(/\s+/g, " ");

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
