/**
 * @jest-environment jsdom
 * @jest-environment-options {"customExportConditions": ["node", "node-addons"]}
 */
import { act, type ReactNode } from "react";
import { createRoot, type Root } from "react-dom/client";
import { UNANSWERED } from "@/ui/hooks/askOnce";
import { Names } from "./Names";

function mockDead(): Promise<never> {
  return Promise.reject(new TypeError("Failed to fetch"));
}
jest.mock("../actions", () => ({ chooseCook: mockDead }));
jest.mock("./actions", () => ({ signIn: mockDead, signOut: mockDead }));

Object.assign(globalThis, { IS_REACT_ACT_ENVIRONMENT: true });
let root: Root;
const draw = (part: ReactNode) =>
  act(async () => {
    root = createRoot(document.body.appendChild(document.createElement("div")));
    root.render(part);
  });
afterEach(() => {
  act(() => root.unmount());
  document.body.replaceChildren();
});
const press = (words: string) =>
  act(async () => {
    const found = [...document.querySelectorAll("button")].filter(({ textContent }) => textContent.includes(words));
    expect(found).toHaveLength(1);
    found[0]!.click();
  });

test("a name that is chosen over a dead line says that nobody answered, and can be chosen again", async () => {
  const maike = { id: "1", name: "Maike", role: "cook", onShift: true, hasPin: true } as const;
  await draw(<Names people={[maike]} first={null} here={null} to="/" />);
  await press("Maike");
  expect(document.body.textContent).toContain(UNANSWERED);
  await press("Maike");
});
