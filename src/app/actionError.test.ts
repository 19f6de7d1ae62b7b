import { z } from "zod";
import { invalidInput } from "./actionError";

const errorOf = (schema: z.ZodType, input: unknown) => schema.safeParse(input).error!;

test("the cook reads what is wrong, not where in the document", () => {
  const schema = z.object({ massG: z.number("How much?") });
  expect(invalidInput(errorOf(schema, { massG: "x" }))).toMatchObject({
    message: "How much?",
    fields: { massG: "How much?" },
  });
});

test("in a delivery the lot is named by its number", () => {
  const schema = z.object({ lots: z.array(z.object({ massG: z.number("How much does it weigh?") })) });
  expect(invalidInput(errorOf(schema, { lots: [{ massG: 1 }, {}] })).message).toBe("Lot 2: How much does it weigh?");
});
