import { readForeignRecipe } from "./foreignRecipe";

/** Shapes of a Recipe as schema.org allows them (https://schema.org/Recipe, HowToStep, HowToSection). */
const PAGE = {
  "@context": "https://schema.org",
  "@graph": [
    { "@type": "WebPage", name: "A page" },
    {
      "@type": ["Recipe", "NewsArticle"],
      name: "Char with <b>dill</b>",
      recipeYield: [4, "4 servings"],
      recipeIngredient: ["600 g char", "1 bunch  of dill"],
      recipeInstructions: [
        { "@type": "HowToSection", itemListElement: [{ "@type": "HowToStep", text: "Salt it." }, "Rest it."] },
        { "@type": "HowToStep", name: "Fry it." },
      ],
    },
  ],
};

test("a recipe of a page is read as text: its markup gone, its steps in order", () => {
  expect(readForeignRecipe(JSON.stringify(PAGE))).toEqual({
    ok: true,
    value: {
      title: "Char with dill",
      body: "4\n– 600 g char\n– 1 bunch of dill\n1. Salt it.\n2. Rest it.\n3. Fry it.",
    },
  });
});

test("steps as one text, a list of documents, and a recipe of its name alone are read too", () => {
  const one = readForeignRecipe(JSON.stringify([{ "@type": "Recipe", name: "Broth", recipeInstructions: "Simmer." }]));
  expect(one).toMatchObject({ ok: true, value: { body: "1. Simmer." } });
  expect(readForeignRecipe('{"@type":"Recipe","name":"Bare"}')).toMatchObject({ ok: true, value: { body: "" } });
});

test.each([
  ["no json", "notJson"],
  ["{}", "noRecipe"],
  ["null", "noRecipe"],
  ['{"@type":"Recipe"}', "noRecipe"],
  ['{"@type":"Recipe","name":"x","recipeIngredient":{"a":1}}', "noRecipe"],
])("%s is refused", (text, kind) => {
  expect(readForeignRecipe(text)).toEqual({ ok: false, error: { kind } });
});
