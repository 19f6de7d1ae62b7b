import type { Metadata } from "next";
import Link from "next/link";
import { notFound, redirect } from "next/navigation";
import { startOfDayMs, todayIn } from "@/calendar/days";
import { boardAllergen, boardUseFor, breakdownsFor, crossContacts, startingSide, usualSideG } from "@/core/block";
import { isFinfish } from "@/core/species";
import { boardsSince, boardScheme } from "@/db/block/boards";
import { db } from "@/db/connection";
import { listOwnSpecies } from "@/db/house/species";
import { lotInHand } from "@/db/lots/stock";
import { formatFor, lifeText } from "@/words/format/format";
import { requireHouse, requestTime } from "../../request";
import { BoardStrip } from "../BoardStrip";
import { CutBench } from "./CutBench";
import { PageHead } from "@/ui/layout/PageHead";
import { t } from "@/words/block";

export const metadata: Metadata = { title: t("block") };

export default async function CutPage({ params }: { readonly params: Promise<{ lotId: string }> }) {
  const nowMs = await requestTime();
  const house = requireHouse();
  const format = formatFor(house.units, house.currency, house.decimalMark);
  const lot = lotInHand(db(), (await params).lotId, nowMs);
  if (!lot) notFound();
  const { row } = lot;
  if (row.status !== "on-ice" || !isFinfish(lot.species.group) || lot.byProduct) redirect(`/ice/${row.id}`);
  const colour = boardScheme(db())[boardUseFor(lot.species, row.form)];
  const allergen = boardAllergen(lot.species);
  const day = boardsSince(db(), startOfDayMs(todayIn(house.timeZone, nowMs), house.timeZone), listOwnSpecies(db()));
  return (
    <>
      <PageHead
        title={
          <>
            {lot.title} <span className="figure muted">{row.code}</span>
          </>
        }
        asks={
          <>
            {t("remainingOnIceDaysLeftLeftWeigh", {
              remaining: format.mass(row.remainingG),
              daysLeft: lifeText(lot.life.daysLeft),
            })}
          </>
        }
      >
        {breakdownsFor(lot.species, row.form).length > 0 ? (
          <Link href={`/block/${row.id}/apart`}>{t("breakItDownAndWeighThe")}</Link>
        ) : null}
      </PageHead>
      <BoardStrip
        colour={colour}
        allergen={allergen}
        contacts={crossContacts(day.work, day.washes, { colour, allergen, atMs: nowMs })}
      />
      <CutBench
        lotId={row.id}
        leftG={row.remainingG}
        flesh={lot.species.flesh}
        start={startingSide(lot.species, usualSideG(lot.species, row.form, row.remainingG))}
        usualPortionG={lot.species.portion.massG}
        priceCentsPerKg={row.priceCentsPerKg}
        rawAllowed={lot.life.use === "raw"}
      />
    </>
  );
}
