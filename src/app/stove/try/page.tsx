import type { Metadata } from "next";
import { cookFormsOf, usualPiece } from "@/core/cooking";
import { findSpecies, isCooked, shortName } from "@/core/species";
import { db } from "@/db/connection";
import { listOwnSpecies } from "@/db/house/species";
import { PageHead } from "@/ui/layout/PageHead";
import { formatFor } from "@/words/format/format";
import { marked } from "@/words/marked";
import { t } from "@/words/stove-plan";
import { requestTime, requireHouse } from "../../request";
import { PlanBench } from "../bench/PlanBench";
import { filmsByPan } from "../films";
import { firstInThread } from "../firstInThread";
import { FORM_WORDS } from "../formWords";
import { TryChooser } from "./TryChooser";

export const metadata: Metadata = { title: t("tryAPiece") };

/** Tried out, not cooked: no more than a pan's worth. */
const MOST_TRIED = 6;
const FIRST = "arctic-char";

type Props = { readonly searchParams: Promise<{ readonly species?: string; readonly form?: string }> };

/** Any animal at any size, planned without touching a lot. */
export default async function TryPage({ searchParams }: Props) {
  await requestTime();
  const house = requireHouse();
  const asked = await searchParams;
  const own = listOwnSpecies(db());
  const species = findSpecies(asked.species ?? FIRST, own) ?? findSpecies(FIRST)!;
  if (!isCooked(species.group))
    return (
      <>
        <PageHead
          title={t("speciesNotForTheHeat", { species: shortName(species) })}
          asks={`${marked(species.usualDoneness, formatFor(house.units, house.currency, house.decimalMark))}.`}
        />
        <TryChooser speciesId={species.id} forms={[]} form={null} />
      </>
    );
  const forms = cookFormsOf(species);
  const form = forms.find((one) => one === asked.form) ?? forms[0]!;
  return (
    <PlanBench
      key={`${species.id}-${form}`}
      source={{ kind: "none" }}
      species={species}
      first={await firstInThread(species, { form }, MOST_TRIED)}
      pieceG={usualPiece(species, form).massG}
      filmsByPan={filmsByPan(db())}
      chooser={
        <TryChooser
          speciesId={species.id}
          forms={forms.map((value) => ({ value, label: FORM_WORDS[value] }))}
          form={form}
        />
      }
    />
  );
}
