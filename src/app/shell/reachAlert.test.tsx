/** @jest-environment jsdom */
import Link from "next/link";
import { act } from "react";
import { createRoot, type Root } from "react-dom/client";
import { Messages } from "@/ui/layout/Messages";
import { useGo } from "@/ui/reach/useGo";
import { t } from "@/words/ui";
import { ReachAlert } from "./ReachAlert";

const mockWent: string[] = [];
jest.mock("next/navigation", () => ({
  useRouter: () => ({ push: (to: string) => mockWent.push(to), replace: (to: string) => mockWent.push(`= ${to}`) }),
}));

let answering = true;
const fetch = jest.fn(async () => (answering ? {} : Promise.reject(new TypeError("Failed to fetch"))));
Object.assign(globalThis, {
  IS_REACT_ACT_ENVIRONMENT: true,
  fetch,
  ResizeObserver: class {
    observe(): void {}
    unobserve(): void {}
    disconnect(): void {}
  },
});

let root: Root;
let go: ReturnType<typeof useGo>;
const tapped: string[] = [];
beforeEach(async () => {
  jest.useFakeTimers();
  answering = true;
  fetch.mockClear();
  mockWent.length = tapped.length = 0;
  root = createRoot(document.body.appendChild(document.createElement("div")));
  const hear = (event: React.MouseEvent) => {
    event.preventDefault();
    tapped.push(event.currentTarget.textContent);
  };
  const Part = () => {
    go = useGo();
    return (
      <>
        <Link href="/block" onClick={hear}>
          block
        </Link>
        <Link href="/" onClick={hear}>
          here
        </Link>
        <a href="/api/export/readings.csv" download onClick={hear}>
          csv
        </a>
        <a href="#main" onClick={hear}>
          main
        </a>
      </>
    );
  };
  await act(async () =>
    root.render(
      <Messages>
        <ReachAlert />
        <Part />
      </Messages>,
    ),
  );
});
afterEach(async () => {
  answering = true;
  await wait(10_000);
  act(() => root.unmount());
  document.body.replaceChildren();
  jest.useRealTimers();
});
const wait = (ms: number) => act(async () => jest.advanceTimersByTimeAsync(ms));
const tapAll = () => act(async () => document.querySelectorAll("a").forEach((link) => link.click()));
const said = () => document.body.textContent;

/** The device itself says that its line is gone. */
async function lose(): Promise<void> {
  answering = false;
  await act(async () => void window.dispatchEvent(new Event("offline")));
  await wait(100);
}

test("a house that answers is not asked, and every link and key goes where it goes", async () => {
  await wait(60_000);
  expect(fetch).not.toHaveBeenCalled();
  await tapAll();
  go("/ice");
  go("/stove", { replace: true });
  expect([tapped, mockWent]).toEqual([
    ["block", "here", "csv", "main"],
    ["/ice", "= /stove"],
  ]);
});

test("a house that is gone is said on the page, which no link and no key leaves", async () => {
  await lose();
  expect(document.querySelector('[role="alert"]')?.textContent).toContain(t("theHouseDoesNotAnswer"));
  await tapAll();
  await act(async () => go("/ice"));
  expect([tapped, mockWent]).toEqual([["csv", "main"], []]);
  expect(said()).toContain(t("thisPageStays"));
});

test("it is asked every few seconds, by nobody twice, and the page goes on once it is back", async () => {
  await lose();
  await lose();
  await wait(30_000);
  // half a second, one, two, and then every three
  expect(fetch.mock.calls.length).toBeGreaterThan(9);
  expect(fetch.mock.calls.length).toBeLessThan(16);
  answering = true;
  await wait(3000);
  expect(document.querySelector('[role="alert"]')).toBeNull();
  await tapAll();
  expect(tapped).toEqual(["block", "here", "csv", "main"]);
});

test("a line that breaks for a moment is not worth a word", async () => {
  await act(async () => void window.dispatchEvent(new Event("offline")));
  await wait(100);
  expect(document.querySelector('[role="alert"]')).toBeNull();
});
