import { freeOfCiguatera, isColdMonth, majorArea, seaOf } from "./waters";

test.each([
  ["27.7", "27"],
  ["FAO 27.4.a, Skarv Bank", "27"],
  ["fao27", "27"],
  ["Skarv Bank (FAO 27.4.a)", "27"],
  ["FAO  67", "67"],
  [" 37 ", "37"],
  ["271", null],
  ["Area 27", null],
  ["270.4", null],
  ["North Sea", null],
  ["", null],
  [null, null],
])("%s is of the major area %s", (text, area) => {
  expect(majorArea(text)).toBe(area);
});

// FAO Major Fishing Areas for statistical purposes; climate by latitude (memory, medium)
test.each([
  ["27", "north"],
  ["37", "north"],
  ["41", "south"],
  ["48", "south"],
  ["71", "warm"],
  ["51", "warm"],
] as const)("area %s lies in the %s", (area, sea) => {
  expect(seaOf(area)).toBe(sea);
});

test("a winter in the north is a summer in the south, and the tropics have none", () => {
  for (let month = 1; month <= 12; month++) {
    expect(isColdMonth("27", month)).toBe(!isColdMonth("47", month));
    expect(isColdMonth("71", month)).toBe(false);
  }
  expect([isColdMonth("27", 1), isColdMonth("27", 7)]).toEqual([true, false]);
});

test("what nobody said cools no water and frees no reef", () => {
  for (const area of [null, "", "the bay", "99"]) {
    expect(isColdMonth(area, 1)).toBeNull();
    expect(freeOfCiguatera(area)).toBe(false);
  }
  expect(isColdMonth("27", null)).toBeNull();
  // a warm sea has no cold month, whichever it was
  expect(isColdMonth("77", null)).toBe(false);
  expect([freeOfCiguatera("27.4"), freeOfCiguatera("71")]).toEqual([true, false]);
});
