import type { Result } from "@/core/shared";
import { db } from "@/db/connection";
import { houseNowMs } from "@/db/houseClock";
import { entriesBetween } from "@/db/ledger";

export type Any = Result<unknown, { readonly kind: string; readonly message: string }>;
type Action = (input: unknown, intention: unknown) => Promise<Any>;
export type Row = {
  readonly action: Action;
  /** Something the house does; made when it is asked, from what the house then has. Null: nothing there is good. */
  readonly good: () => unknown;
  /** Something it understands and does not do, and a word of why. */
  readonly refused?: readonly [input: () => unknown, why: RegExp];
  /** Writes no line of its own into the book. */
  readonly silent?: boolean;
  /** Tells a key, once: asked again it says so. */
  readonly secret?: boolean;
};

const written = () => entriesBetween(db(), 0, houseNowMs() + 3_600_000).length;
const id = (name: string, of: string) => `${name}-${of}-0123456789abcdef`.slice(0, 64);

/**
 * What holds for everything the house does, action by action: asked from elsewhere, without an intention or with junk it does nothing and
 * says why; what it cannot do it refuses and writes nothing; the same intention twice is one record. `request` is what the mocked headers
 * say; `firstGood` names actions whose refusal wants the good thing done before; `heard` hears the answers.
 */
export function actionLaws(
  rows: Readonly<Record<string, Row>>,
  request: { origin: string },
  firstGood: readonly string[] = [],
  heard: (name: string, answer: Any) => void = () => undefined,
): void {
  const done = new Set<string>();
  const answers = new Map<string, Any>();
  /** Does the good thing once, whichever test comes to it first. */
  const settle = async (name: string, action: Action, good: () => unknown): Promise<Any> => {
    const known = answers.get(name);
    if (known) {
      done.add(name);
      return known;
    }
    const answer = await action(good(), id(name, "good"));
    answers.set(name, answer);
    heard(name, answer);
    return answer;
  };

  describe.each(Object.entries(rows))("%s", (name, { action, good, refused, silent = false, secret = false }) => {
    test("asked from another house, or without an intention, or with junk, it does nothing and says why", async () => {
      const before = written();
      request.origin = "http://elsewhere.test";
      expect(await action({}, id(name, "foreign"))).toMatchObject({ ok: false, error: { kind: "refused" } });
      request.origin = "http://house.test";
      expect(await action({}, undefined)).toMatchObject({
        ok: false,
        error: { message: expect.stringMatching(/Reload/) },
      });
      for (const junk of [null, "junk", { nothing: "known" }, []])
        expect(await action(junk, id(name, "junk"))).toMatchObject({
          ok: false,
          error: { kind: "invalidInput", message: expect.any(String) },
        });
      expect(written()).toBe(before);
    });

    if (refused)
      test("what it understands and cannot do it refuses, and writes nothing", async () => {
        if (firstGood.includes(name)) await settle(name, action, good);
        const before = written();
        const answer = await action(refused[0](), id(name, "refused"));
        expect(answer).toMatchObject({ ok: false, error: { message: expect.stringMatching(refused[1]) } });
        expect(written()).toBe(before);
      });

    test("the same intention twice is one record with the same answer", async () => {
      const input = good();
      if (input === null) return;
      const before = written();
      const first = await settle(name, action, () => input);
      expect(first).toMatchObject({ ok: true });
      const after = written();
      const again = await action(input, id(name, "good"));
      if (secret) expect(again).toMatchObject({ ok: false, error: { message: expect.stringMatching(/shown once/) } });
      else expect(again).toEqual(first);
      expect(written()).toBe(after);
      if (!silent && !done.has(name)) expect(after).toBeGreaterThan(before);
    });
  });
}
