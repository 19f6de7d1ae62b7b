import fc from "fast-check";
import type { Stay } from "@/core/coldchain";
import { HOUR_MS } from "@/core/units";
import { lineOf, staysSinceDoor } from "./lots/lineage";
import { menuParts } from "./cards/menuWords";
import { plateGroups, recallCount, type Recall, type RecallPlate } from "./book/recall";
import { minuteText, nextPotAtMin, stockDraws } from "./butter/stockBoard";
import { coversOfSauce, usualStove, type BookedLine } from "./butter/tonight";

const NOW = Date.UTC(2026, 4, 12, 17);

describe("plates of a recall, as they are read out on the telephone", () => {
  const plate: fc.Arbitrary<RecallPlate> = fc
    .record({
      minute: fc.integer({ min: 0, max: 400 }),
      who: fc.constantFrom("Ylva", "Torben"),
      certainty: fc.constantFrom("certain" as const, "possible" as const),
      dish: fc.constantFrom("Char", "Crudo", null),
      table: fc.constantFrom("t1", "t2", "t3", null),
      guest: fc.constantFrom("Nygaard", null),
      lotId: fc.constantFrom("a", "b"),
      written: fc.boolean(),
      raw: fc.boolean(),
      state: fc.constantFrom("up" as const, "gone" as const, "back" as const),
    })
    .map(({ minute, ...facts }) => ({ ...facts, id: "", atMs: NOW + minute * 60_000 }));
  const plates = fc
    .array(plate, { maxLength: 40 })
    .map((all) => all.map((one, at): RecallPlate => ({ ...one, id: `plate ${at}` })));

  test("law: every plate is read out once, with others of its dish, hands, hour, lot and certainty alone", () => {
    fc.assert(
      fc.property(plates, (all) => {
        const groups = plateGroups(all);
        expect(groups.flatMap(({ ids }) => ids).sort()).toEqual(all.map(({ id }) => id).sort());
        for (const group of groups)
          for (const id of group.ids) {
            const of = all.find((one) => one.id === id)!;
            expect(of).toMatchObject({
              dish: group.dish,
              who: group.who,
              lotId: group.lotId,
              certainty: group.certainty,
              written: group.written,
              raw: group.raw,
            });
            expect(of.atMs - group.hourMs).toBeGreaterThanOrEqual(0);
            expect(of.atMs - group.hourMs).toBeLessThan(HOUR_MS);
          }
      }),
    );
  });

  test("law: every table with its guest is named once where a plate of it is, and none is lost", () => {
    fc.assert(
      fc.property(plates, (all) => {
        for (const { ids, tables } of plateGroups(all)) {
          const wanted = new Set(
            ids.flatMap((id) => {
              const { table, guest } = all.find((one) => one.id === id)!;
              return table === null ? [] : [`${table} ${guest ?? ""}`];
            }),
          );
          const named = tables.map(({ table, guest }) => `${table} ${guest ?? ""}`);
          expect(new Set(named)).toEqual(wanted);
          expect(named).toHaveLength(wanted.size);
        }
      }),
    );
  });

  test("law: what is certain comes before what is possible, and within both what was written first", () => {
    fc.assert(
      fc.property(plates, (all) => {
        const rank = plateGroups(all).map(
          ({ certainty, written }) => (certainty === "certain" ? 0 : 2) + (written ? 0 : 1),
        );
        expect(rank).toEqual([...rank].sort());
      }),
    );
  });

  test("law: the count is of plates, not of groups", () => {
    fc.assert(
      fc.property(plates, (all) => {
        const recall: Recall = { lots: [], pieces: [], plates: all, holds: [], suppliers: [] };
        const { certain, possible } = recallCount(recall);
        expect(certain + possible).toBe(all.length);
      }),
    );
  });
});

describe("a lot and the wholes it was cut from", () => {
  type Part = { readonly id: string; readonly parentId: string | null; readonly receivedAtMs: number };
  /** A whole, a side of it after some hours, a piece of that side after some more. */
  const family = fc
    .record({ side: fc.integer({ min: 1, max: 48 }), piece: fc.integer({ min: 1, max: 48 }) })
    .map(({ side, piece }) => {
      const parts: readonly Part[] = [
        { id: "whole", parentId: null, receivedAtMs: NOW },
        { id: "side", parentId: "whole", receivedAtMs: NOW + side * HOUR_MS },
        { id: "piece", parentId: "side", receivedAtMs: NOW + (side + piece) * HOUR_MS },
      ];
      return new Map(parts.map((part) => [part.id, part]));
    });
  const staysOf =
    (of: ReadonlyMap<string, Part>) =>
    (lotId: string): readonly Stay[] => [
      { placeId: `place of ${lotId}`, fromMs: of.get(lotId)!.receivedAtMs, toMs: null },
    ];

  test("itself first, then what it came of, to the door", () => {
    fc.assert(
      fc.property(family, (of) => {
        expect(lineOf(of.get("piece")!, of).map(({ id }) => id)).toEqual(["piece", "side", "whole"]);
        expect(lineOf(of.get("whole")!, of)).toHaveLength(1);
      }),
    );
  });

  test("law: from the door to now without a gap or an hour twice, whatever was cut off when", () => {
    fc.assert(
      fc.property(family, (of) => {
        const stays = staysSinceDoor(of.get("piece")!, of, staysOf(of));
        expect(stays.map(({ placeId }) => placeId)).toEqual(["place of whole", "place of side", "place of piece"]);
        expect(stays[0]!.fromMs).toBe(NOW);
        for (const [at, { toMs }] of stays.entries())
          expect(toMs).toBe(at === stays.length - 1 ? null : stays[at + 1]!.fromMs);
      }),
    );
  });

  test("a whole that is not in the house any more leaves what is known of the part", () => {
    const lost = { id: "part", parentId: "gone", receivedAtMs: NOW };
    const of = new Map([["part", lost]]);
    expect(staysSinceDoor(lost, of, staysOf(of))).toHaveLength(1);
    expect(lineOf(lost, of)).toEqual([lost]);
  });
});

describe("covers that want a sauce", () => {
  const line: fc.Arbitrary<BookedLine> = fc.record({
    speciesId: fc.constantFrom("cod", "turbot", "arctic-char"),
    covers: fc.integer({ min: 0, max: 60 }),
    sauceId: fc.constantFrom("white", "green", "", null),
  });
  const spec = { goesWith: ["cod", "turbot"] };

  test("law: a card that names its sauce counts for that sauce alone, a fish without a card for what goes with it", () => {
    fc.assert(
      fc.property(fc.array(line, { maxLength: 12 }), (booked) => {
        const sum = (fits: (one: BookedLine) => boolean) =>
          booked.filter(fits).reduce((all, { covers }) => all + covers, 0);
        const byFish = sum(({ sauceId, speciesId }) => sauceId === null && speciesId !== "arctic-char");
        expect(coversOfSauce("white", spec, booked)).toBe(sum(({ sauceId }) => sauceId === "white") + byFish);
        expect(coversOfSauce("nobody's", spec, booked)).toBe(byFish);
      }),
    );
  });

  test("law: two services together want what each wants", () => {
    fc.assert(
      fc.property(fc.array(line), fc.array(line), (early, late) => {
        expect(coversOfSauce("white", spec, [...early, ...late])).toBe(
          coversOfSauce("white", spec, early) + coversOfSauce("white", spec, late),
        );
      }),
    );
  });

  test("many covers want the large pan and the strong burner", () => {
    const stoves = Array.from({ length: 40 }, (_, at) => usualStove(at + 1));
    for (const [at, { panMm, netPowerW }] of stoves.slice(1).entries()) {
      expect(panMm).toBeGreaterThanOrEqual(stoves[at]!.panMm);
      expect(netPowerW).toBeGreaterThanOrEqual(stoves[at]!.netPowerW);
    }
  });
});

describe("stock for tonight", () => {
  const sauce = (specId: string, stockG: number, covers: number) => ({
    specId,
    spec: {
      name: specId,
      covers,
      base: [
        { ingredientId: "fish-stock", massG: stockG },
        { ingredientId: "white-wine", massG: 100 },
      ],
      mount: [],
      goesWith: [],
    } as never,
  });
  const booked = (specId: string, covers: number): BookedLine => ({ speciesId: "cod", covers, sauceId: specId });

  test("law: each sauce draws what its covers take of it; twice the covers draw twice as much", () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 50, max: 900 }),
        fc.integer({ min: 2, max: 12 }),
        fc.integer({ min: 1, max: 80 }),
        (stockG, per, covers) => {
          const draw = (many: number) => stockDraws([sauce("white", stockG, per)], [booked("white", many)], 0).draws;
          expect(draw(covers)[0]!.ml).toBeCloseTo((stockG / per) * covers, 6);
          expect(draw(2 * covers)[0]!.ml).toBeCloseTo(2 * draw(covers)[0]!.ml, 6);
          expect(draw(0)).toEqual([]);
        },
      ),
    );
  });

  test("a sauce without stock draws none, and one nobody booked none", () => {
    expect(stockDraws([sauce("butter", 0, 4)], [booked("butter", 10)], 0).draws).toEqual([]);
    expect(stockDraws([sauce("white", 300, 4)], [booked("other", 10)], 0).draws).toEqual([]);
  });

  test("a pot that simmers longer goes on earlier, minute for minute", () => {
    const at = (simmerMin: number) => nextPotAtMin({ toSimmerMin: 22 }, simmerMin, 17 * 60);
    for (let simmer = 20; simmer < 60; simmer++) expect(at(simmer) - at(simmer + 1)).toBe(1);
    expect(at(30)).toBeLessThan(17 * 60 - 30);
  });

  test("law: minutes of the day are said as a clock says them, also of the day before and after", () => {
    fc.assert(
      fc.property(fc.integer({ min: -3000, max: 5000 }), (minute) => {
        const [, hours, minutes] = /^(\d\d):(\d\d)$/.exec(minuteText(minute))!;
        expect([Number(hours) < 24, Number(minutes) < 60]).toEqual([true, true]);
        expect((((minute - Number(hours) * 60 - Number(minutes)) % 1440) + 1440) % 1440).toBe(0);
      }),
    );
  });
});

describe("what a menu names", () => {
  const part = (role: string, label: string, ingredientId = "fennel") =>
    ({ role, label, massG: 10, from: { kind: "good", ingredientId } }) as never;

  test("the fish, its sauce, what leans on it, what finishes it: in that order, seasoning left out", () => {
    const parts = [
      part("finish", "Dill oil"),
      part("garnish", "Fennel, blanched"),
      part("sauce", "Beurre blanc"),
      part("garnish", "Salt", "salt"),
      part("plate", "Warm plate"),
      part("piece", "Arctic char"),
    ];
    expect(menuParts(parts)).toEqual(["Arctic char", "beurre blanc", "blanched fennel", "dill oil"]);
  });

  test("law: in whatever order the parts stand, each is named once and the first begins large", () => {
    const all = [
      part("piece", "Arctic char"),
      part("sauce", "Green sauce"),
      part("garnish", "Capers"),
      part("finish", "Chive oil"),
    ];
    fc.assert(
      fc.property(fc.shuffledSubarray(all, { minLength: 4, maxLength: 4 }), (mixed) => {
        expect(menuParts([...mixed, ...mixed])).toEqual(menuParts(all));
        expect(menuParts(mixed)[0]).toBe("Arctic char");
      }),
    );
  });
});
