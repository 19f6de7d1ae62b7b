import fc from "fast-check";
import { potOf, spread, type Certainty, type Flow } from "./spread";

const flow = (fromId: string, toId: string, certainty: Certainty = "certain"): Flow => ({
  fromId,
  toId,
  makeId: null,
  certainty,
});
const along = (flows: readonly Flow[]) => (ids: readonly string[]) =>
  flows.filter(({ fromId }) => ids.includes(fromId));

test("a pot of three boats: fillets certain, what came of the pot possible", () => {
  const flows = [
    flow("cod", "fillets"),
    flow("cod", "frames"),
    flow("frames", "stock", "possible"),
    flow("stock", "sauce"),
  ];
  const found = [...spread(["cod"], along(flows)).values()].map(({ lotId, certainty }) => `${lotId} ${certainty}`);
  expect(["sauce", "stock", "fillets"].map((id) => potOf(id, spread(["cod"], along(flows))))).toEqual([
    "stock",
    "stock",
    null,
  ]);
  expect(found).toEqual(["cod certain", "fillets certain", "frames certain", "stock possible", "sauce possible"]);
});

const anyFlows = fc.array(
  fc
    .tuple(fc.nat(7), fc.nat(7), fc.boolean())
    .map(([from, to, sure]) => flow(`${from}`, `${to}`, sure ? "certain" : "possible")),
  { maxLength: 24 },
);

/** What is reached at all, the plain way: step by step until nothing is added. */
function closure(flows: readonly Flow[]): ReadonlySet<string> {
  const found = new Set(["0"]);
  for (let before = -1; before !== found.size;) {
    before = found.size;
    for (const { fromId, toId } of flows) if (found.has(fromId)) found.add(toId);
  }
  return found;
}

test("everything a way leads to is reached, and certain exactly where certain steps alone lead there, circles or not", () => {
  fc.assert(
    fc.property(anyFlows, (flows) => {
      const reached = spread(["0"], along(flows));
      const sure = closure(flows.filter(({ certainty }) => certainty === "certain"));
      expect(new Set(reached.keys())).toEqual(closure(flows));
      for (const [id, { certainty }] of reached) expect(certainty).toBe(sure.has(id) ? "certain" : "possible");
    }),
    { seed: 12 },
  );
});
