import type { Metadata } from "next";
import { FAMILIES, type SauceSpec } from "@/core/butter";
import { boughtGoods } from "@/db/butter/goods";
import { findSauce } from "@/db/butter/specs";
import { SPECIES } from "@/core/species";
import { db } from "@/db/connection";
import { listOwnSpecies } from "@/db/house/species";
import { PageHead } from "@/ui/layout/PageHead";
import { SubNav } from "@/ui/layout/SubNav";
import { t } from "@/words/shelf";
import { requestTime, requireHouse } from "../../request";
import { BUTTER_VIEWS } from "../subViews";
import { WriteBench } from "./WriteBench";

export const metadata: Metadata = { title: t("writeASauce") };

type Props = { readonly searchParams: Promise<{ readonly sauce?: string; readonly like?: string }> };

export default async function WritePage({ searchParams }: Props) {
  await requestTime();
  requireHouse();
  const { sauce, like } = await searchParams;
  const known = sauce === undefined ? undefined : findSauce(db(), sauce);
  const family = FAMILIES.find(({ id }) => id === like) ?? FAMILIES[0]!;
  const spec: SauceSpec = known?.spec ?? { ...family.spec, name: family.label, goesWith: [] };
  return (
    <>
      <PageHead
        title={known ? t("changeSauce", { name: known.spec.name }) : t("writeASauce")}
        asks={t("asTheHouseMakesItFromNowOn")}
      />
      <SubNav views={BUTTER_VIEWS} here="/butter" />
      <WriteBench
        key={known?.specId ?? family.id}
        specId={known?.specId ?? null}
        familyId={known ? null : family.id}
        spec={spec}
        own={boughtGoods(db())
          .filter(({ retired }) => !retired)
          .map(({ good }) => good)}
        fish={[...SPECIES, ...listOwnSpecies(db())].map(({ id, name }) => ({ value: id, label: name }))}
      />
    </>
  );
}
