import fc from "fast-check";
import { answersTo, HOST_NAME } from "./hosts";

test.each([
  ["localhost:4310", true],
  ["LOCALHOST.", true],
  ["127.0.0.1", true],
  ["192.168.1.20:4310", true],
  ["[::1]:4310", true],
  ["gaffel.local", true],
  ["kitchen.gaffel.local:4310", true],
  ["gaffel", false],
  ["evil.example", false],
  ["localhost.evil.example", false],
  ["127.0.0.1.evil.example", false],
  ["local", false],
  ["", false],
  [null, false],
] as const)("%s: %s", (host, answers) => expect(answersTo(host, [])).toBe(answers));

test("a name the house gave itself is its own, with any port and in any case", () => {
  expect(answersTo("Gaffel.Lan:443", ["gaffel.lan"])).toBe(true);
  expect(answersTo("gaffel.lan.evil.example", ["gaffel.lan"])).toBe(false);
});

test("no name of the public net is answered unless the house has it (reserved names: RFC 2606)", () => {
  fc.assert(
    fc.property(fc.domain(), fc.integer({ min: 1, max: 65_535 }), (domain, port) => {
      fc.pre(!/\.local(host)?$/.test(domain));
      expect(answersTo(`${domain}:${port}`, [])).toBe(false);
      fc.pre(HOST_NAME.test(domain.toLowerCase()));
      expect(answersTo(`${domain}:${port}`, [domain.toLowerCase()])).toBe(true);
    }),
  );
});
