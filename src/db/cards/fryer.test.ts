import { randomUUID } from "node:crypto";
import { demoCopies } from "@/demo/demoCopies.testkit";
import { valueOf } from "@/core/shared";
import { MINUTE_MS } from "@/core/units";
import { changeOil, fryers } from "../butter/oil";
import { findHouse } from "../house/house";
import { addOwnSpecies } from "../house/species";
import { cooks } from "../schema/cooks";
import { cardWorld } from "./world";

const NOW = Date.UTC(2026, 4, 12, 15);
const demo = demoCopies(NOW);
const stamp = (afterMin: number) => ({ who: "Ylva", atMs: NOW + afterMin * MINUTE_MS });

/** A demo house whose oil was all changed, with what is fried in it after that. */
function fresh() {
  const db = demo();
  for (const { id } of fryers(db, NOW)) valueOf(changeOil(db, id, stamp(0)));
  const [cook] = db.select().from(cooks).all();
  return {
    db,
    inFryer: () => cardWorld(db, findHouse(db)!, NOW + 60 * MINUTE_MS, new Set()).inFryer,
    fry: (speciesId: string, afterMin: number) =>
      db
        .insert(cooks)
        .values({
          ...cook!,
          id: randomUUID(),
          startedAtMs: stamp(afterMin).atMs,
          plan: { ...cook!.plan, speciesId, methodId: "deep-fry" },
        })
        .run(),
  };
}

test("new oil has seen nothing; what is fried in it stays in it until it is changed again", () => {
  const { db, inFryer, fry } = fresh();
  expect(fryers(db, NOW).length).toBeGreaterThan(0);
  expect(inFryer()).toEqual([]);
  fry("langoustine", 5);
  expect(inFryer()).toContain("crustaceans");
  fry("cod", 6);
  expect(inFryer()).toEqual(expect.arrayContaining(["crustaceans", "fish"]));
  for (const { id } of fryers(db, NOW)) valueOf(changeOil(db, id, stamp(10)));
  expect(inFryer()).toEqual([]);
});

test("an animal nobody knows any more may have been any", () => {
  const { inFryer, fry } = fresh();
  fry("struck-from-the-list", 5);
  expect(inFryer()).toEqual(expect.arrayContaining(["fish", "crustaceans", "molluscs"]));
});

test("an animal the house added itself leaves its allergen in the oil as any other does", () => {
  const { db, inFryer, fry } = fresh();
  const crab = {
    id: "own-spider",
    name: "Spider crab",
    scientificName: "Maja brachydactyla",
    marketNames: [],
    likeId: "brown-crab",
    iceLifeDays: 3,
    skinlessPct: 25,
    histamineFormer: "no",
    rawUse: "none",
  } as const;
  valueOf(addOwnSpecies(db, crab, "Ylva", NOW));
  fry("own-spider", 5);
  expect(inFryer()).toContain("crustaceans");
});
