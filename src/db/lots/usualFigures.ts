import { desc, isNull } from "drizzle-orm";
import { usualRange } from "@/house/stove/usualRange";
import { remembering } from "../remember";
import { lots } from "../schema/larder";
import { fish, fishLots } from "../schema/lots";

const LOOKS_BACK_LOTS = 400;
/** Of each species so many of the last lots tell what is usual. */
const OF_EACH = 12;

export type UsualFigures = {
  readonly massG: readonly [number, number] | null;
  readonly priceCentsPerKg: readonly [number, number] | null;
};

/** What a lot of each species weighed and cost at the door of this house, as a range that is believed without asking. */
export const usualFigures = remembering([lots, fish], (db): Readonly<Record<string, UsualFigures>> => {
  const rows = db
    .select({ speciesId: fishLots.speciesId, massG: fishLots.massG, cents: fishLots.priceCentsPerKg })
    .from(fishLots)
    .where(isNull(fishLots.parentId))
    .orderBy(desc(fishLots.receivedAtMs))
    .limit(LOOKS_BACK_LOTS)
    .all();
  const species = [...new Set(rows.map(({ speciesId }) => speciesId))];
  return Object.fromEntries(
    species.map((speciesId) => {
      const last = rows.filter((row) => row.speciesId === speciesId).slice(0, OF_EACH);
      return [
        speciesId,
        {
          massG: usualRange(last.map(({ massG }) => massG)),
          priceCentsPerKg: usualRange(last.map(({ cents }) => cents)),
        },
      ];
    }),
  );
});
