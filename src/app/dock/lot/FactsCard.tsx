"use client";
import { useState } from "react";
import { findSpecies, type Species } from "@/core/species";
import type { Place } from "@/db/house/places";
import type { UsualFigures } from "@/db/lots/usualFigures";
import { NumberInput } from "@/ui/form/NumberInput";
import { Field } from "@/ui/form/Field";
import { useHouse } from "@/ui/hooks/HouseContext";
import page from "@/ui/layout/page.module.css";
import { SpeciesSearch } from "@/ui/form/SpeciesSearch";
import styles from "../Dock.module.css";
import type { LotDraft } from "../van/lotDraft";
import { RestFields } from "./RestFields";
import type { Format } from "@/words/format/format";
import { t } from "@/words/dock";

type Props = {
  readonly draft: LotDraft;
  readonly places: readonly Place[];
  /** What a lot of this species weighed and cost here before. */
  readonly usual: UsualFigures | undefined;
  readonly serverNowMs: number;
  readonly onChange: (part: Partial<LotDraft>) => void;
  readonly onSpecies: (species: Species) => void;
};

/** Outside of these a figure at the door is a slip of the finger until it is said again. */
const USUAL_DOOR_C = { chilled: [-3, 15], frozen: [-40, -8] } as const;
const USUAL_LOT_G = [50, 300_000] as const;
const USUAL_PRICE = [0.3, 300] as const;

/** Something without which the lot cannot be kept is not said yet. */
const hasGaps = ({ pricePerKg, area, gear, source, placeId }: LotDraft): boolean =>
  pricePerKg === null || !placeId || [area, gear, source].some((text) => text.trim() === "");

/** What stands in the fold, in one line. */
const saidOf = ({ area, gear, source, pricePerKg }: LotDraft, { money }: Pick<Format, "money">): string =>
  [source, gear, area, pricePerKg === null ? "" : t("aKiloAt", { price: money(pricePerKg * 100) })]
    .filter((text) => text.trim() !== "")
    .join(", ") || "none";

/** What it is, what it weighs and costs, how cold it is, and where it swam. */
export function FactsCard({ draft, places, usual, serverNowMs, onChange, onSpecies }: Props) {
  const { format, ownSpecies } = useHouse();
  const species = draft.speciesId ? findSpecies(draft.speciesId, ownSpecies) : undefined;
  const usualC = USUAL_DOOR_C[draft.frozen ? "frozen" : "chilled"].map(format.toTemperature) as [number, number];
  const usualMass = (usual?.massG ?? USUAL_LOT_G).map((massG) => Number(format.toBigMass(massG).toFixed(2))) as [
    number,
    number,
  ];
  const usualPrice = usual?.priceCentsPerKg
    ? (usual.priceCentsPerKg.map((cents) => Number((cents / 100).toFixed(2))) as [number, number])
    : USUAL_PRICE;
  // it opens where it has something to ask, or lends what nobody has confirmed; a hand opens and shuts it
  const asks = draft.speciesId !== null && (hasGaps(draft) || draft.takenOver.length > 0);
  const [byHand, setByHand] = useState<boolean | null>(null);
  const open = asks || (byHand ?? false);
  return (
    <section className={page.card} aria-labelledby="what">
      <h2 id="what">{t("whatIsItAndWhereFrom")}</h2>
      <div className={styles.fields}>
        <Field label={t("fish")} answers="fish">
          {(id) => (
            <SpeciesSearch
              id={id}
              {...(draft.speciesId ? { value: draft.speciesId } : {})}
              onChange={(speciesId) => {
                const chosen = findSpecies(speciesId, ownSpecies);
                if (chosen) onSpecies(chosen);
              }}
            />
          )}
        </Field>
        <Field label={t("weightBigMassUnit", { bigMassUnit: format.bigMassUnit })} answers="weight">
          {(id) => (
            <NumberInput
              id={id}
              value={draft.mass}
              step={0.1}
              min={0}
              usual={usualMass}
              className={page.full ?? ""}
              onChange={(mass) => onChange({ mass })}
            />
          )}
        </Field>
        <Field label={t("probeAtTheDoorDegree", { degree: format.degree })} answers="probe">
          {(id) => (
            <NumberInput
              id={id}
              value={draft.receipt}
              step={0.1}
              usual={usualC}
              className={page.full ?? ""}
              onChange={(receipt) => onChange({ receipt })}
            />
          )}
        </Field>
        <details className={styles.more} open={open} onToggle={({ currentTarget }) => setByHand(currentTarget.open)}>
          <summary>{t("theRestOfIt", { said: open ? "none" : saidOf(draft, format) })}</summary>
          <RestFields
            draft={draft}
            species={species}
            places={places}
            usualMass={usualMass}
            usualPrice={usualPrice}
            serverNowMs={serverNowMs}
            onChange={onChange}
          />
        </details>
      </div>
    </section>
  );
}
