import { planSauce, type SauceSpec, type Shelf } from "@/core/butter";
import { stoveOf } from "../stove/panBody";

type Stove = Parameters<typeof stoveOf>[0];
type Planned = ReturnType<typeof planSauce>;

/** By shelf and spec, which nobody changes, then by covers and stove. */
const known = new WeakMap<Shelf, WeakMap<SauceSpec, Map<string, Planned>>>();

/** A sauce for so many covers on a stove: its base is simulated once, however often a page asks. Error: as `planSauce`. */
export function plannedSauce(spec: SauceSpec, covers: number, stove: Stove, shelf: Shelf): Planned {
  const ofShelf = known.get(shelf) ?? new WeakMap<SauceSpec, Map<string, Planned>>();
  known.set(shelf, ofShelf);
  const ofSpec = ofShelf.get(spec) ?? new Map<string, Planned>();
  ofShelf.set(spec, ofSpec);
  const key = `${covers} ${stove.panMm} ${stove.netPowerW}`;
  const planned = ofSpec.get(key) ?? planSauce(spec, covers, stoveOf(stove), shelf);
  ofSpec.set(key, planned);
  return planned;
}
