import path from "node:path";
import { openDatabase } from "@/db/connection";
import { addReadings, listPlaces } from "@/db/house/places";
import { stockOnIce } from "@/db/lots/stock";
import { makeDemoHouse } from "@/demo/house";
import { add, median } from "./measure";

/** A demo house in `folder`: its lots judged, its writes acknowledged. */
export function records(folder: string): void {
  const db = openDatabase(path.join(folder, "gaffel.sqlite"));
  makeDemoHouse(db, Date.now());
  add(
    "life of every lot on ice",
    median(() => stockOnIce(db, Date.now())),
    "100 ms a page",
    100,
  );
  const place = listPlaces(db)[0]!.id;
  let atMs = Date.now();
  const write = () => addReadings(db, place, [{ atMs: atMs++, celsius: 1 }], "typed", null);
  const full = median(write, 101);
  db.run("pragma synchronous = normal");
  add("one acknowledged write, synchronous FULL", full, "the same, NORMAL", median(write, 101));
}
