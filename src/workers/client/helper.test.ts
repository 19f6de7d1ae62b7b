import { expose, type Endpoint } from "comlink";
import { helper } from "./helper";

type Adds = { add: (a: number, b: number) => number; refuse: () => never };

/** Workers one after the other: each lives and adds, or falls over when it is asked. */
function workers(...lives: readonly boolean[]) {
  const opened: { terminated: boolean; fall: () => void }[] = [];
  const ports: MessagePort[] = [];
  const start = () => {
    const { port1, port2 } = new MessageChannel();
    ports.push(port1, port2);
    const falls: (() => void)[] = [];
    const mine = { terminated: false, fall: () => falls.forEach((fell) => fell()) };
    const lasts = lives[opened.length] ?? false;
    opened.push(mine);
    if (lasts) {
      const adds: Adds = {
        add: (a, b) => a + b,
        refuse: () => {
          throw new RangeError("no");
        },
      };
      expose(adds, port2 as unknown as Endpoint);
    }
    return {
      addEventListener: (type: string, heard: EventListener) =>
        type === "error" ? falls.push(() => heard(new Event("error"))) : port1.addEventListener(type, heard),
      removeEventListener: (type: string, heard: EventListener) => port1.removeEventListener(type, heard),
      postMessage: (message: unknown) => {
        port1.start();
        port1.postMessage(message);
        if (!lasts) setTimeout(mine.fall);
      },
      terminate: () => (mine.terminated = true),
    } as unknown as Worker;
  };
  const shut = () => ports.forEach((port) => port.close());
  return { start, opened, shut };
}

let shut = () => {};
afterEach(() => shut());
function helped(...lives: readonly boolean[]) {
  const made = workers(...lives);
  shut = made.shut;
  return { ...made, ...helper<Adds>(made.start) };
}

test("nothing is opened before it is asked, and one worker answers all that comes", async () => {
  const { ask, opened } = helped(true);
  expect(opened).toHaveLength(0);
  expect(await Promise.all([ask((remote) => remote.add(1, 2)), ask((remote) => remote.add(3, 4))])).toEqual([3, 7]);
  expect(opened).toHaveLength(1);
});

test("a worker whose script does not come is let go, and another answers in its place", async () => {
  const { ask, opened } = helped(false, true);
  const both = [ask((remote) => remote.add(1, 2)), ask((remote) => remote.add(3, 4))];
  expect(await Promise.all(both)).toEqual([3, 7]);
  expect(opened.map(({ terminated }) => terminated)).toEqual([true, false]);
});

test("two that fall refuse the answer instead of leaving it open; the next question begins anew", async () => {
  const { ask, opened } = helped(false, false, true);
  await expect(ask((remote) => remote.add(1, 2))).rejects.toThrow();
  expect(opened).toHaveLength(2);
  expect(await ask((remote) => remote.add(3, 4))).toBe(7);
});

test("what the worker itself throws is not asked twice", async () => {
  const { ask, opened } = helped(true, true);
  await expect(ask((remote) => remote.refuse())).rejects.toThrow("no");
  expect(opened).toHaveLength(1);
});

test("one that is given up is let go, and what was asked of it is asked of another", async () => {
  const { ask, giveUp, opened } = helped(true, true);
  giveUp();
  expect(opened).toHaveLength(0);
  const never = ask((remote) => (opened.length === 1 ? new Promise<number>(() => {}) : remote.add(5, 5)));
  giveUp();
  expect(await never).toBe(10);
  expect(opened.map(({ terminated }) => terminated)).toEqual([true, false]);
});

test("one that fell over while nobody waited is opened anew", async () => {
  const { ask, opened } = helped(true, true);
  await ask((remote) => remote.add(1, 2));
  opened[0]!.fall();
  expect(await ask((remote) => remote.add(2, 2))).toBe(4);
  expect(opened.map(({ terminated }) => terminated)).toEqual([true, false]);
});
