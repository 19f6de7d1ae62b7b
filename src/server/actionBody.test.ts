import fc from "fast-check";
import { isActionBody } from "./actionBody";

const TEXT = "text/plain;charset=UTF-8";
// the framework's own way to write what a page sends, as it ships
const { encodeReply } = jest.requireActual<{ encodeReply: (value: unknown) => Promise<unknown> }>(
  "next/dist/compiled/react-server-dom-turbopack/client.browser",
);

test("whatever a page of the house can send is taken, as the framework writes it", async () => {
  const plain = fc.jsonValue({ maxDepth: 4 });
  const odd = fc.constantFrom(
    undefined,
    Number.NaN,
    Infinity,
    -Infinity,
    -0,
    new Date(0),
    "$F1",
    "$",
    "$$",
    "$0:1",
    12n,
  );
  const twice = plain.map((value) => ({ one: { value }, two: [value] }));
  await fc.assert(
    fc.asyncProperty(fc.array(fc.oneof(plain, odd, twice), { maxLength: 4 }), async (args) => {
      const shared = { shared: true };
      const sent = await encodeReply([...args, shared, { again: shared }]);
      expect(typeof sent).toBe("string");
      expect(isActionBody(TEXT, sent as string)).toBe(true);
    }),
  );
});

test.each([
  "junk",
  "[",
  "",
  "null",
  '{"a":1}',
  '["$F1"]',
  '["$Q1"]',
  '["$K2"]',
  '["$1"]',
  '["$0:9:9"]',
  '[{"a":["$W1"]}]',
  "[".repeat(200_000),
])("not taken: %.20s", (text) => expect(isActionBody(TEXT, text)).toBe(false));

test("a form or nothing said of its kind is not taken either", () => {
  expect(isActionBody("multipart/form-data; boundary=x", "[]")).toBe(false);
  expect(isActionBody(null, "[]")).toBe(false);
});
