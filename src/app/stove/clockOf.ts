import type { CookEvent } from "@/core/cooking";
import { shortName } from "@/core/species";
import { db } from "@/db/connection";
import type { Cook } from "@/db/stove/cooks";
import { speciesOf } from "@/db/house/species";

/** What a clock on any screen needs of a cook. */
export type CookClock = {
  readonly id: string;
  readonly title: string;
  readonly stageNames: readonly string[];
  readonly stageSeconds: readonly number[];
  readonly events: readonly CookEvent[];
};

export const speciesName = (speciesId: string): string => {
  const species = speciesOf(db(), speciesId);
  return species ? shortName(species) : speciesId;
};

/** What cooks and where: two pans of one fish are told apart by where they stand. */
export const cookTitle = ({ speciesId, pieces, panName }: Pick<Cook, "speciesId" | "pieces" | "panName">): string =>
  `${speciesName(speciesId)} ×${pieces}${panName === null ? "" : `, ${panName}`}`;

export function clockOf(cook: Cook): CookClock {
  const { stages } = cook.plan.answer;
  return {
    id: cook.id,
    title: cookTitle(cook),
    stageNames: stages.map(({ name }) => name),
    stageSeconds: stages.map(({ seconds }) => seconds),
    events: cook.events,
  };
}
