import { readTickets, type Callable } from "./ticketText";

const CARDS: readonly Callable[] = [
  { cardId: "char", name: "Arctic char, dill", calls: ["Arctic char"] },
  { cardId: "turbot", name: "Turbot poached in butter", calls: ["Turbot"] },
  { cardId: "crudo", name: "Mackerel crudo", calls: ["Atlantic mackerel"] },
  { cardId: "char-tartare", name: "Char tartare", calls: ["Arctic char"] },
  { cardId: "tartare", name: "Scallop tartare", calls: ["King scallop"] },
];
const read = (text: string) => {
  const tickets = readTickets(text, CARDS);
  return tickets.ok ? tickets.value : tickets.error;
};
const dish = (cardId: string, count: number, part: object = {}) => ({
  cardId,
  count,
  wishes: [],
  allergies: [],
  ...part,
});

test("as it is called at the pass: counts, dishes, the table, courses, and when", () => {
  expect(read("2 char 1 turbot t7")).toEqual([
    { kind: "order", table: "t7", inMin: null, courses: [[dish("char", 2), dish("turbot", 1)]] },
  ]);
  expect(read("3x Char, mack T4 in 20; turb then 2 char t2")).toEqual([
    { kind: "order", table: "t4", inMin: 20, courses: [[dish("char", 3), dish("crudo", 1)]] },
    { kind: "order", table: "t2", inMin: null, courses: [[dish("turbot", 1)], [dish("char", 2)]] },
  ]);
  expect(read("2 char t7 for Solvang")).toMatchObject([{ table: "t7", guest: "Solvang" }]);
  expect(read("char char 2 char t1")).toMatchObject([{ courses: [[{ cardId: "char", count: 4 }]] }]);
});

test("away, hold, and what is asked of a dish", () => {
  expect(read("t7 away\naway t4 in 10; t3 hold")).toEqual([
    { kind: "away", table: "t7", inMin: null },
    { kind: "away", table: "t4", inMin: 10 },
    { kind: "hold", table: "t3" },
  ]);
  expect(read("1 char half 1 char t5 away")).toEqual([
    { kind: "order", table: "t5", inMin: 0, courses: [[dish("char", 1, { wishes: ["half"] }), dish("char", 1)]] },
  ]);
});

test.each([
  ["1 char t9 no milk", ["milk"]],
  ["1 char milk allergy t9", ["milk"]],
  ["no dairy no eggs 1 char t9", ["milk", "egg"]],
  ["1 char t9 no shellfish allergy", ["crustaceans", "molluscs"]],
])("%s: an allergy is for every dish of the line", (text, allergies) => {
  expect(read(text)).toMatchObject([{ courses: [[{ cardId: "char", count: 1, allergies }]] }]);
});

test.each([
  ["2 halibut t7", { kind: "noCard", word: "halibut" }],
  ["2 arctic t7", { kind: "manyCards", word: "arctic" }],
  ["t7 in 20", { kind: "noDish", line: "t7 in 20" }],
  ["2 char", { kind: "noTable", line: "2 char" }],
  ["99 char t1", { kind: "tooMany", word: "char" }],
  // an allergy nobody understands is never passed over
  ["1 char no kiwi t1", { kind: "noAllergen", word: "kiwi" }],
  ["1 char t1 allergy", { kind: "noAllergen", word: "allergy" }],
])("%s says why it is not read", (text, problem) => {
  expect(read(text)).toMatchObject(problem);
});

test("nothing typed is no ticket", () => {
  expect(read(" \n ; ")).toEqual([]);
});
