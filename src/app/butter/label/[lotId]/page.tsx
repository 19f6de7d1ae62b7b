import type { Metadata } from "next";
import { notFound } from "next/navigation";
import { db } from "@/db/connection";
import { labelsPrinted, madeLabel } from "@/db/larder/madeLots";
import { PageHead } from "@/ui/layout/PageHead";
import { SubNav } from "@/ui/layout/SubNav";
import { t } from "@/words/butter";
import { dayText, formatFor, timeText } from "@/words/format/format";
import { requestTime, requireHouse } from "../../../request";
import { BUTTER_VIEWS } from "../../subViews";
import { LabelCard } from "./LabelCard";

export const metadata: Metadata = { title: t("label") };

export default async function LabelPage({ params }: { readonly params: Promise<{ readonly lotId: string }> }) {
  await requestTime();
  const house = requireHouse();
  const { lotId } = await params;
  const found = madeLabel(db(), lotId);
  if (!found) notFound();
  const { lot, name, base } = found;
  const format = formatFor(house.units, house.currency, house.decimalMark);
  const when = (atMs: number) => `${dayText(atMs, house.timeZone)} ${timeText(atMs, house.timeZone)}`;
  const states = Object.entries(lot.allergens ?? {});
  const of = (wanted: string) => states.filter(([, state]) => state === wanted).map(([id]) => id);
  return (
    <>
      <PageHead title={t("labelOf", { code: lot.code })} asks={t("printItAndStickItOn")} />
      <SubNav views={BUTTER_VIEWS} here="/butter/kept" />
      <LabelCard
        name={base ? t("baseOf", { name }) : name}
        code={lot.code}
        mass={format.mass(lot.massG)}
        made={t("madeByAt", { who: lot.receivedBy, when: when(lot.receivedAtMs) })}
        useBy={lot.useByMs === null ? null : when(lot.useByMs)}
        contains={of("contains")}
        mayContain={of("may")}
        unknown={lot.allergens === null ? null : of("unknown")}
        house={house.name}
        lotId={lotId}
        printed={labelsPrinted(db(), lotId).map(when)}
      />
    </>
  );
}
