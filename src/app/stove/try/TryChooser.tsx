"use client";
import { useGo } from "@/ui/reach/useGo";
import type { CookForm } from "@/core/cooking";
import { Choice } from "@/ui/form/Choice";
import { SpeciesField } from "@/ui/form/SpeciesField";
import page from "@/ui/layout/page.module.css";
import { t } from "@/words/stove-plan";

type Props = {
  readonly speciesId: string;
  /** Ways it can be dressed; none: it is not for the heat. */
  readonly forms: readonly { readonly value: CookForm; readonly label: string }[];
  readonly form: CookForm | null;
};

/** Which animal, and how it is dressed: another one is another page. */
export function TryChooser({ speciesId, forms, form }: Props) {
  const go = useGo();
  return (
    <>
      <section className={page.card}>
        <label htmlFor="try-species" className={page.labelled}>
          {t("animal")}
        </label>
        <SpeciesField
          id="try-species"
          value={speciesId}
          onChange={(id) => go(`/stove/try?species=${id}`, { replace: true, scroll: false })}
        />
      </section>
      {form !== null && forms.length > 1 ? (
        <section className={page.card}>
          <label htmlFor="try-form" className={page.labelled}>
            {t("dressedAs")}
          </label>
          <Choice
            id="try-form"
            value={form}
            options={forms}
            onChange={(next) => go(`/stove/try?species=${speciesId}&form=${next}`, { replace: true, scroll: false })}
          />
        </section>
      ) : null}
    </>
  );
}
