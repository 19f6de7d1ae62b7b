import { readFileSync } from "node:fs";
import { cite, rulesDocument, RULE_SETS, RULE_SET_IDS, RULINGS } from "@/core/safety";
import { inMetric } from "@/words/say";

test("the page of rules is the one the data writes", () => {
  expect(readFileSync("docs/rules.md", "utf8")).toBe(rulesDocument(inMetric));
});

test("a figure's sureness is never lent to its section", () => {
  const warm = RULINGS["fda-2022"]["live-cooling"];
  expect(warm.sure).toEqual({ figure: "high", section: "medium" });
  expect(cite(warm)).toContain("figure high, section medium");
  const unsure = RULE_SET_IDS.flatMap((id) => Object.values(RULINGS[id])).filter(
    ({ sure }) => sure.figure !== sure.section,
  );
  for (const ruling of unsure) expect(cite(ruling)).toContain(`section ${ruling.sure.section}`);
});

test.each(RULE_SET_IDS)(
  "%s: house figures are told as the house's, and cooking names the section its row has",
  (id) => {
    for (const ruling of Object.values(RULINGS[id]))
      if (ruling.by === "house")
        expect(`${ruling.says} ${ruling.ours ?? ""}`).toMatch(/no figure|house|no days|melting ice/);
    const { section } = RULINGS[id].cook;
    if (id !== "uk-2013") expect(RULE_SETS[id].cooking.section).toContain(section);
  },
);
