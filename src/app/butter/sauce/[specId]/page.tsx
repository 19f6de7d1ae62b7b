import type { Metadata } from "next";
import Link from "next/link";
import { notFound } from "next/navigation";
import { milderAcidG } from "@/core/butter";
import { boughtGoods, shelfOf } from "@/db/butter/goods";
import { lastTaste, saucesNow } from "@/db/butter/sauces";
import { findSauce } from "@/db/butter/specs";
import { listBurners } from "@/db/butter/spots";
import { db } from "@/db/connection";
import { stoveOf } from "@/house/stove/panBody";
import { usualStove } from "@/house/butter/tonight";
import { PageHead } from "@/ui/layout/PageHead";
import { SubNav } from "@/ui/layout/SubNav";
import { t } from "@/words/butter";
import { requestTime, requireHouse } from "../../../request";
import { BUTTER_VIEWS } from "../../subViews";
import { SauceBench } from "./SauceBench";

export const metadata: Metadata = { title: t("sauce") };

type Props = {
  readonly params: Promise<{ readonly specId: string }>;
  readonly searchParams: Promise<{ readonly covers?: string }>;
};

export default async function SaucePage({ params, searchParams }: Props) {
  const nowMs = await requestTime();
  const house = requireHouse();
  const { specId } = await params;
  const sauce = findSauce(db(), specId);
  if (!sauce) notFound();
  const asked = Number((await searchParams).covers);
  const covers = Number.isInteger(asked) && asked > 0 && asked <= 200 ? asked : sauce.spec.covers;
  const bases = saucesNow(db())
    .filter(({ specId: own, mount, lot }) => own === specId && !mount && (lot.useByMs === null || lot.useByMs > nowMs))
    .map(({ lot }) => ({ id: lot.id, code: lot.code, remainingG: lot.remainingG }));
  return (
    <>
      <PageHead title={sauce.spec.name} asks={t("whatIsInItAndWillItHold")}>
        <Link href={`/butter/write?sauce=${specId}`}>{t("changeIt")}</Link>
      </PageHead>
      <SubNav views={BUTTER_VIEWS} here="/butter" />
      <SauceBench
        specId={specId}
        spec={sauce.spec}
        covers={covers}
        stove={usualStove(covers)}
        bases={bases}
        burners={listBurners(db())}
        milder={milderAcidG(sauce.spec, stoveOf(usualStove(covers)), shelfOf(db()))}
        own={boughtGoods(db()).map(({ good }) => good)}
        lastTaste={lastTaste(db(), specId, covers)}
        clock={{ nowMs, timeZone: house.timeZone }}
      />
    </>
  );
}
