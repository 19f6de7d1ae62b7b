/** The outbox of one tablet: a fresh copy of it for every test, as after loading the page. */
type Outbox = typeof Box;
import type * as Box from "./tapOutbox";

type Sent = { readonly url: string; readonly body: Record<string, unknown> };
let sent: Sent[] = [];
let house: (request: Sent) => { status: number; body: unknown } | "silent" | "cut";
const shelf = new Map<string, string>();

const events = [{ kind: "started", atMs: 1 }];
const taken = () => ({ status: 200, body: { ok: true, events } });

beforeEach(() => {
  jest.useFakeTimers();
  sent = [];
  shelf.clear();
  house = taken;
  Object.assign(globalThis, {
    sessionStorage: {
      getItem: (key: string) => shelf.get(key) ?? null,
      setItem: (key: string, value: string) => void shelf.set(key, value),
      removeItem: (key: string) => void shelf.delete(key),
    },
    fetch: async (url: string, { body }: { body: string }) => {
      const request = { url, body: JSON.parse(body) as Record<string, unknown> };
      sent.push(request);
      const answer = house(request);
      if (answer === "cut") throw new TypeError("failed to fetch");
      if (answer === "silent") return new Promise(() => undefined);
      return new Response(JSON.stringify(answer.body), { status: answer.status });
    },
  });
});
afterEach(() => jest.useRealTimers());

/** As after the page was loaded again: the module is new, what lies in the tab is not. */
function open(): Outbox {
  let box: Outbox | null = null;
  jest.isolateModules(() => {
    box = jest.requireActual<Outbox>("./tapOutbox");
  });
  return box!;
}
const settle = (ms = 0) => jest.advanceTimersByTimeAsync(ms);
const next = { kind: "advanced", stage: 0 } as const;

test("a tap goes out at once with its stage, an id and its age, and is gone when the house answers", async () => {
  const { sendTap } = open();
  sendTap("cook-1", next);
  await settle();
  expect(sent).toHaveLength(1);
  expect(sent[0]!.url).toBe("/api/cooks/cook-1/taps");
  expect(sent[0]!.body).toMatchObject({ kind: "advanced", stage: 0, id: expect.stringMatching(/^[\w-]{16,64}$/) });
  expect(Number(sent[0]!.body["ageMs"])).toBeLessThan(50);
  expect(shelf.size).toBe(0);
});

test.each(["silent", "cut"] as const)(
  "with the house %s a tap waits, keeps its id, and tells how old it is",
  async (how) => {
    const { sendTap, resendTaps } = open();
    house = () => how;
    sendTap("cook-1", next);
    sendTap("cook-1", { kind: "extended", stage: 0, seconds: 10 });
    await settle(7000);
    // in their order, one at a time
    expect(sent).toHaveLength(1);
    expect(shelf.size).toBe(1);
    house = taken;
    await settle(19_000);
    resendTaps();
    await settle();
    expect(sent.map(({ body }) => body["kind"])).toEqual(["advanced", "advanced", "extended"]);
    expect(sent[1]!.body["id"]).toBe(sent[0]!.body["id"]);
    expect(Number(sent[1]!.body["ageMs"])).toBeGreaterThanOrEqual(26_000);
    expect(shelf.size).toBe(0);
  },
);

test("an answer that is not the house's leaves the tap where it is: a gate, a fault, a foreign address", async () => {
  for (const status of [502, 500, 403]) {
    const { sendTap } = open();
    house = () => ({ status, body: { error: { message: "no" } } });
    sendTap("cook-1", next);
    await settle();
    expect(shelf.size).toBe(1);
    shelf.clear();
  }
});

test("what the house refuses is over, and is told with the events as they stand", async () => {
  const { sendTap, hearSettled } = open();
  const heard: string[] = [];
  hearSettled(({ answer }) => heard.push(`${answer.code}: ${answer.message}`));
  house = () => ({ status: 200, body: { ok: false, events, code: "stage-passed", message: "somebody was faster" } });
  sendTap("cook-1", next);
  await settle();
  house = () => ({ status: 404, body: { error: { message: "This cook is not in the house." } } });
  sendTap("cook-2", next);
  await settle();
  expect(heard).toEqual(["stage-passed: somebody was faster", "refused: This cook is not in the house."]);
  expect(shelf.size).toBe(0);
});

test("a tap that waits survives the page being loaded again; an old one waits for a hand", async () => {
  house = () => "cut";
  open().sendTap("cook-1", next);
  await settle();
  house = taken;
  open().resumeTaps();
  await settle();
  expect([sent.length, shelf.size]).toEqual([2, 0]);
  house = () => "cut";
  open().sendTap("cook-1", next);
  await settle();
  await settle(180_000);
  house = taken;
  const later = open();
  later.resumeTaps();
  await settle();
  expect([sent.length, shelf.size]).toEqual([3, 1]);
  later.resendTaps();
  await settle();
  expect([sent.length, shelf.size]).toEqual([4, 0]);
});

test("touched twice is one tap, a tap on its way is not made again, and another tap waits behind it", async () => {
  const { sendTap } = open();
  house = () => "silent";
  sendTap("cook-1", { kind: "resumed", stage: 0 });
  sendTap("cook-1", { kind: "resumed", stage: 0 });
  await settle(400);
  sendTap("cook-1", { kind: "resumed", stage: 0 });
  sendTap("cook-1", next);
  sendTap("cook-2", next);
  house = taken;
  await settle(30_000);
  sendTap("cook-1", { kind: "advanced", stage: 1 });
  await settle();
  expect(sent.map(({ url, body }) => [url.split("/")[3], body["kind"], body["stage"]])).toEqual([
    ["cook-1", "resumed", 0],
    ["cook-1", "resumed", 0],
    ["cook-1", "advanced", 0],
    ["cook-2", "advanced", 0],
    ["cook-1", "advanced", 1],
  ]);
  expect(sent[1]!.body["id"]).toBe(sent[0]!.body["id"]);
});

test("a second touch does not pass the next stage, however fast the house answers; more seconds may follow more", async () => {
  const { sendTap } = open();
  sendTap("cook-1", next);
  await settle(150);
  sendTap("cook-1", { kind: "advanced", stage: 1 });
  await settle(400);
  for (const wait of [350, 350, 350]) {
    sendTap("cook-1", { kind: "extended", stage: 1, seconds: 10 });
    await settle(wait);
  }
  expect(sent.map(({ body }) => body["kind"])).toEqual(["advanced", "extended", "extended", "extended"]);
});
