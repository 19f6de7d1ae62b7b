import { findSpecies } from "@/core/species";
import type { LastLot } from "../actions";
import { fromLastTime, placeFor } from "./lastTime";
import { emptyDraft, withSpecies } from "../van/lotDraft";

const cod: LastLot = {
  speciesId: "cod",
  form: "whole-gutted",
  frozen: false,
  production: "wild",
  area: "FAO 27.4.a",
  gear: "Longline",
  source: "Nattkrok",
  pricePerKg: 10.2,
};
const draftOf = (id: string) => withSpecies(emptyDraft("room"), findSpecies(id)!);
const filled = (id: string, last: readonly LastLot[], part = {}) =>
  fromLastTime({ ...draftOf(id), ...part }, last, findSpecies);

test("the same fish in the same form: price, place, gear and boat, all of it marked as taken over", () => {
  const part = filled("cod", [cod]);
  expect(part).toMatchObject({ pricePerKg: 10.2, area: "FAO 27.4.a", gear: "Longline", source: "Nattkrok" });
  expect(part.takenOver).toEqual(expect.arrayContaining(["pricePerKg", "area", "gear", "source"]));
});

test("another form of it has another price; what was said already stays", () => {
  expect(filled("cod", [{ ...cod, form: "loin" }]).pricePerKg).toBeUndefined();
  expect(filled("cod", [cod], { pricePerKg: 9, area: "FAO 27.7" })).not.toMatchObject({ pricePerKg: 10.2 });
  expect(filled("cod", [cod], { area: "FAO 27.7" }).area).toBeUndefined();
});

test("another fish of its kind lends its gear alone, another animal nothing", () => {
  expect(filled("haddock", [cod])).toEqual({ gear: "Longline", takenOver: ["gear"] });
  expect(filled("mussel", [cod])).toEqual({});
  expect(filled("haddock", [{ ...cod, production: "farmed", gear: "Net pen" }])).toEqual({});
  expect(fromLastTime(emptyDraft("room"), [cod], findSpecies)).toEqual({});
});

test("living animals go where theirs went last, frozen ones into the freezer, a first lobster into a tank", () => {
  const places = [
    { id: "room", kind: "cold-room" },
    { id: "deep", kind: "freezer" },
    { id: "tank", kind: "tank" },
  ];
  const mussel = findSpecies("mussel")!;
  const lobster = findSpecies("european-lobster")!;
  expect(placeFor({ form: "live", frozen: false }, mussel, { [`live ${mussel.group}`]: "shells" }, places)).toBe(
    "shells",
  );
  expect(placeFor({ form: "live", frozen: false }, lobster, {}, places)).toBe("tank");
  expect(placeFor({ form: "side", frozen: true }, lobster, {}, places)).toBe("deep");
  expect(placeFor({ form: "whole-gutted", frozen: false }, findSpecies("cod")!, {}, places)).toBe("room");
});
