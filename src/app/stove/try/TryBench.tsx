"use client";
import { useState } from "react";
import { cookFormsOf, usualPiece, type CookForm, type Films } from "@/core/cooking";
import { findSpecies, isCooked, shortName } from "@/core/species";
import { useHouse } from "@/ui/hooks/HouseContext";
import page from "@/ui/layout/page.module.css";
import { Choice } from "@/ui/form/Choice";
import { SpeciesSearch } from "@/ui/form/SpeciesSearch";
import { PlanBench } from "../bench/PlanBench";
import { firstAsk } from "@/house/firstAsk";
import { FORM_WORDS } from "../formWords";
import { PageHead } from "@/ui/layout/PageHead";
import { t } from "@/words/stove-plan";
import { marked } from "@/words/marked";

/** Tried out, not cooked: no more than a pan's worth. */
const MOST_TRIED = 6;

type Props = {
  readonly start: string;
  readonly films: Readonly<Record<string, Partial<Films>>>;
};

/** Any animal at any size, planned without touching a lot. */
export function TryBench({ start, films }: Props) {
  const { format, ownSpecies } = useHouse();
  const [speciesId, setSpeciesId] = useState(findSpecies(start, ownSpecies) ? start : "arctic-char");
  const species = findSpecies(speciesId, ownSpecies)!;
  const [form, setForm] = useState<CookForm | null>(null);
  const chooser = (
    <section className={page.card}>
      <label htmlFor="try-species" className={page.labelled}>
        {t("animal")}
      </label>
      <SpeciesSearch id="try-species" value={speciesId} onChange={setSpeciesId} />
    </section>
  );
  if (!isCooked(species.group)) {
    return (
      <>
        <PageHead
          title={<>{t("speciesNotForTheHeat", { species: shortName(species) })}</>}
          asks={<>{marked(species.usualDoneness, format)}.</>}
        />
        {chooser}
      </>
    );
  }
  const forms = cookFormsOf(species);
  const dressed = form !== null && forms.includes(form) ? form : forms[0]!;
  const { massG } = usualPiece(species, dressed);
  return (
    <PlanBench
      key={`${speciesId}-${dressed}`}
      source={{ kind: "none" }}
      species={species}
      first={firstAsk(species, { form: dressed }, MOST_TRIED)}
      pieceG={massG}
      filmsByPan={films}
      chooser={
        <>
          {chooser}
          {forms.length > 1 ? (
            <section className={page.card}>
              <label htmlFor="try-form" className={page.labelled}>
                {t("dressedAs")}
              </label>
              <Choice
                id="try-form"
                value={dressed}
                options={forms.map((value) => ({ value, label: FORM_WORDS[value] }))}
                onChange={setForm}
              />
            </section>
          ) : null}
        </>
      }
    />
  );
}
