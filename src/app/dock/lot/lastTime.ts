import type { Species } from "@/core/species";
import { placeKey } from "@/house/lots/placeKey";
import type { LastLot } from "../actions";
import type { LotDraft, TakenOver } from "../van/lotDraft";

/**
 * What the last delivery of a supplier says of this lot, for what nobody said yet: of the same fish in the same form its price too; of
 * another fish of its kind how it is caught; of anything else nothing. It is shown as taken over until a hand says it is so.
 */
export function fromLastTime(
  draft: LotDraft,
  last: readonly LastLot[],
  speciesOf: (id: string) => Species | undefined,
): Partial<LotDraft> {
  const species = draft.speciesId ? speciesOf(draft.speciesId) : undefined;
  if (!species) return {};
  const ofFish = last.filter(({ speciesId }) => speciesId === species.id);
  const same = ofFish.find(({ form, frozen }) => form === draft.form && frozen === draft.frozen);
  const fish = same ?? ofFish[0];
  const kin = fish ?? last.find(({ speciesId }) => speciesOf(speciesId)?.group === species.group);
  const part: { -readonly [key in TakenOver]?: LotDraft[key] } = {};
  if (same && draft.pricePerKg === null) part.pricePerKg = same.pricePerKg;
  if (fish) {
    if (draft.area === "") part.area = fish.area;
    if (draft.source === "") part.source = fish.source;
    part.production = fish.production;
    const { subArea, landingPlace } = fish;
    const places = { ...(subArea ? { subArea } : {}), ...(landingPlace ? { landingPlace } : {}) };
    if (Object.keys(places).length > 0) part.provenance = { ...places, ...draft.provenance };
  }
  if (kin && draft.gear === "" && (fish !== undefined || kin.production === draft.production)) part.gear = kin.gear;
  const keys = Object.keys(part) as TakenOver[];
  return keys.length === 0 ? {} : { ...part, takenOver: [...new Set([...draft.takenOver, ...keys])] };
}

/** Where a lot of this kind goes: where the last one was put; until there was one, frozen into a freezer, living crustaceans into a tank. */
export function placeFor(
  { form, frozen }: Pick<LotDraft, "form" | "frozen">,
  { group }: Pick<Species, "group">,
  usual: Readonly<Record<string, string>>,
  places: readonly { readonly id: string; readonly kind: string }[],
): string | null {
  const key = placeKey(group, frozen ? "frozen" : form === "live" ? "live" : "chilled");
  const wanted = frozen ? "freezer" : form === "live" && group === "crustacean" ? "tank" : "cold-room";
  return usual[key] ?? places.find(({ kind }) => kind === wanted)?.id ?? places[0]?.id ?? null;
}
