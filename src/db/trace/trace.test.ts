import { makeDemoHouse } from "@/demo/house";
import { plateGroups, recallCount } from "@/house/book/recall";
import { openDatabase } from "../connection";
import { servePlates } from "../raw/plates";
import { chainSince } from "./chain";
import { recall } from "./recall";
import { lotsNamed } from "./search";
import { tracePlate } from "./plateTrace";

const NOW = Date.UTC(2026, 4, 12, 15);
const db = openDatabase(":memory:");
beforeAll(() => makeDemoHouse(db, NOW), 60_000);

const named = (typed: string) => lotsNamed(db, typed)!;
const recallOf = (typed: string, since = 0) =>
  recall(
    db,
    named(typed)
      .lots.filter(({ receivedAtMs }) => receivedAtMs >= since)
      .map(({ id }) => id),
    NOW,
  );

test("a code of the house, a supplier's lot number, a boat, a supplier: found however it is written, and nothing else", () => {
  expect(named(" t-70 ")).toMatchObject({ by: "supplier-lot", lots: [{}] });
  expect(named("B-4471").by).toBe("supplier-lot");
  expect(named("nattkrok").by).toBe("source");
  expect(named("Gråskjær Landing").by).toBe("supplier");
  expect(named(named("T-70").lots[0]!.code).by).toBe("code");
  expect(lotsNamed(db, "T-7")).toBeNull();
  expect(lotsNamed(db, " ")).toBeNull();
});

test("a supplier's lot of mackerel: its crudo by cook and hour, what lies there, its freezing hold, whom to call", () => {
  const found = recallOf("T-70");
  const [group, ...others] = plateGroups(found.plates);
  expect(others).toEqual([]);
  expect(group).toMatchObject({ certainty: "certain", raw: true, who: "Ylva", written: true });
  expect(group!.ids).toHaveLength(6);
  expect(found.lots[0]!.leftG).toBeGreaterThan(0);
  expect(found.holds).toEqual([expect.objectContaining({ label: "Freezing against parasites" })]);
  expect(found.suppliers.map(({ name }) => name)).toEqual(["Two Terns Fish"]);
});

const cod = () => recallOf("Nattkrok", NOW - 4 * 86_400_000);

test("the boat of the cod: its fillets certain, the sauce of the pot of three boats possible, with tables and guests", () => {
  const found = cod();
  const pot = found.lots.find(({ by }) => by?.kind === "stock")!;
  expect(pot.certainty).toBe("possible");
  const groups = plateGroups(found.plates);
  const pieces = groups.filter(({ certainty, written }) => certainty === "certain" && written);
  expect(pieces.flatMap(({ ids }) => ids).length).toBe(4);
  expect(pieces.flatMap(({ tables }) => tables)).toContainEqual({ table: "t24", guest: "Lindtner" });
  // nobody wrote which pieces those tables had: the sauce on them may be of this boat, and so may the fish
  const other = groups.filter(({ certainty }) => certainty === "possible").flatMap(({ tables }) => tables);
  expect(other).toEqual([
    { table: "t22", guest: "Solvang" },
    { table: "t25", guest: "Brekke" },
  ]);
});

test("the other boats of that pot: every plate of its sauce, and none of the cod's own", () => {
  const turbot = recallOf("Rype", NOW - 5.5 * 86_400_000);
  const stock = plateGroups(turbot.plates).filter(({ dish }) => dish?.startsWith("Cod"));
  expect(stock.flatMap(({ ids }) => ids)).toHaveLength(9);
  expect(stock.every(({ certainty }) => certainty === "possible")).toBe(true);
});

test("a pack of butter: the sauces whisked with it and every plate they went on, certain while no other was open", () => {
  const found = recallOf("B-4471");
  expect(recallCount(found)).toMatchObject({ certain: 9, possible: 0 });
  expect(found.suppliers).toEqual([{ name: "Tangvik Dairy", phone: "+00 555 01 43" }]);
});

test("what nobody wrote is never a no: plates of a card while such fish lay there are possible", () => {
  const char = recallOf("P-204");
  const before = char.plates.filter(({ written }) => !written).length;
  expect(before).toBe(0);
  const mackerel = named("T-70").lots[0]!;
  const served = servePlates(
    db,
    { lotId: mackerel.id, dish: "raw", covers: 2, gramsPerCover: 68, usedG: 140 },
    { who: "Maike", atMs: NOW },
  );
  expect(served.ok && recallOf("T-70").plates.length).toBe(8);
});

test("one plate opens back to the water: card as it was, ticket, sauce batch, butter pack, pot, boats", () => {
  const plate = cod().plates.find(({ guest }) => guest === "Lindtner")!;
  const trace = tracePlate(db, plate.id)!;
  expect(trace.card!.name).toBe("Cod with oyster cream");
  expect(trace.ticket).toEqual({ table: "t24", guest: "Lindtner", course: 1 });
  const [piece, cream] = trace.parts;
  expect(piece!.steps.at(-1)!.door).toMatchObject({ source: "Nattkrok", supplier: "Gråskjær Landing" });
  expect(cream!.steps[0]!.name).toBe("Oyster cream");
  const doors = cream!.steps.flatMap(({ door, certainty }) =>
    door ? [[door.source ?? door.supplierLot, certainty]] : [],
  );
  expect(new Map(doors as [string, string][])).toEqual(
    new Map([
      ["B-4471", "certain"],
      ["Nattkrok", "possible"],
      ["Rype", "possible"],
      ["Stilla Sju", "possible"],
    ]),
  );
  // the leek was never written as made
  expect(trace.unwritten).toEqual(["garnish"]);
  expect(tracePlate(db, "no-such-plate")).toBeUndefined();
});

test("the chain of a document: the pot of three boats with what went in, and the plates with what is certain on them", () => {
  const { makes, plates } = chainSince(db, NOW - 4 * 86_400_000);
  const pot = makes.find(({ kind, inputs }) => kind === "stock" && inputs.length > 4)!;
  expect(pot.outputs).toHaveLength(1);
  const cream = plates.filter(({ dish }) => dish === "Cod with oyster cream");
  expect(cream).toHaveLength(9);
  expect(cream.at(-1)!.parts.every(({ certain }) => certain)).toBe(true);
});
