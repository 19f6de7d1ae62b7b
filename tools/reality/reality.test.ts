import { readFileSync } from "node:fs";
import { realityDocument } from "./document";

test("the page of predicted against practice is the one the model writes, and lines that were not calibrated on their custom mostly agree", () => {
  const written = realityDocument();
  expect(readFileSync("docs/reality-check.md", "utf8")).toBe(written);
  const [, agree, near, miss] = /^(\d+) agree, (\d+) are near, (\d+) miss/m.exec(written)!.map(Number);
  expect(agree! / (agree! + near! + miss!)).toBeGreaterThan(0.5);
  expect(miss! / (agree! + near! + miss!)).toBeLessThan(0.15);
});
