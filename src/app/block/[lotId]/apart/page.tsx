import type { Metadata } from "next";
import Link from "next/link";
import { notFound, redirect } from "next/navigation";
import { boardAllergen, boardUseFor, breakdownsFor, compareYields, crossContacts, expectedParts } from "@/core/block";
import { formLabel } from "@/core/freshness";
import { inSentence } from "@/core/species";
import { DAY_MS } from "@/core/units";
import { startOfDayMs, todayIn } from "@/calendar/days";
import { boardsSince, boardScheme } from "@/db/block/boards";
import { breakdownsSince, YIELD_DAYS } from "@/db/block/breakdowns";
import { db } from "@/db/connection";
import { listPlaces } from "@/db/house/places";
import { listScales } from "@/db/block/scales";
import { listOwnSpecies } from "@/db/house/species";
import { lotInHand } from "@/db/lots/stock";
import { formatFor, lifeText } from "@/words/format/format";
import { requireHouse, requestTime } from "../../../request";
import { BoardStrip } from "../../BoardStrip";
import { ApartBench } from "./ApartBench";
import { PageHead } from "@/ui/layout/PageHead";
import page from "@/ui/layout/page.module.css";
import { t } from "@/words/block";

export const metadata: Metadata = { title: t("breakDown") };

export default async function ApartPage({ params }: { readonly params: Promise<{ lotId: string }> }) {
  const nowMs = await requestTime();
  const house = requireHouse();
  const format = formatFor(house.units, house.currency, house.decimalMark);
  const lot = lotInHand(db(), (await params).lotId, nowMs);
  if (!lot) notFound();
  const { row, species } = lot;
  const ways = breakdownsFor(species, row.form);
  if (row.status !== "on-ice" || ways.length === 0) redirect(`/ice/${row.id}`);
  const records = breakdownsSince(db(), nowMs - YIELD_DAYS * DAY_MS).filter(
    ({ speciesId }) => speciesId === species.id,
  );
  const colour = boardScheme(db())[boardUseFor(species, row.form)];
  const allergen = boardAllergen(species);
  const day = boardsSince(db(), startOfDayMs(todayIn(house.timeZone, nowMs), house.timeZone), listOwnSpecies(db()));
  return (
    <>
      <PageHead
        title={
          <>
            {t.rich("breakDownTheTitleCode", {
              title: inSentence(lot.title),
              code: row.code,
              span: (words) => <span className="figure muted">{words}</span>,
            })}
          </>
        }
        asks={
          <>
            {t("formRemainingOnIceDaysLeftLeft", {
              form: formLabel(row.form),
              remaining: format.mass(row.remainingG),
              daysLeft: lifeText(lot.life.daysLeft),
            })}
          </>
        }
      >
        <Link href={`/ice/${row.id}`}>{t("theLot")}</Link>
      </PageHead>
      <BoardStrip
        colour={colour}
        allergen={allergen}
        contacts={crossContacts(day.work, day.washes, { colour, allergen, atMs: nowMs })}
      />
      {lot.life.use === "over" ? <p className={`${page.stop} ${page.below}`}>{t("itIsPastItsLifeThrow")}</p> : null}
      <ApartBench
        lotId={row.id}
        leftG={row.remainingG}
        placeId={row.placeId}
        places={listPlaces(db()).map(({ id, name }) => ({ id, name }))}
        hasScale={listScales(db()).length > 0}
        ways={ways.map((way) => {
          const parts = expectedParts(way, species, row.form);
          const ids = new Set(parts.map(({ id }) => id));
          const own = compareYields(
            parts,
            records
              .filter(({ wayId, form }) => wayId === way.id && form === row.form)
              .flatMap(({ parts: weighed, wholeG }) => weighed.map(({ partId, massG }) => ({ partId, massG, wholeG }))),
          );
          return {
            id: way.id,
            animal: way.animal,
            label: way.label,
            why: way.why,
            steps: way.steps
              .filter(({ onlyAlive }) => !onlyAlive || row.state === "live")
              .map((step) => ({ ...step, keep: step.keep.filter((id) => ids.has(id)) })),
            parts,
            own,
          };
        })}
      />
    </>
  );
}
