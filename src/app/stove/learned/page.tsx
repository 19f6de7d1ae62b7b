import type { Metadata } from "next";
import { PANS } from "@/core/cooking";
import { DAY_MS } from "@/core/units";
import { db } from "@/db/connection";
import { cooksSince } from "@/db/stove/cooks";
import { readingsOf } from "@/db/stove/probes";
import { fitOfPan } from "@/db/stove/stationFits";
import { dayText, timeText } from "@/words/format/format";
import page from "@/ui/layout/page.module.css";
import { SubNav } from "@/ui/layout/SubNav";
import { requireHouse, requestTime } from "../../request";
import { speciesName } from "../clockOf";
import { STOVE_VIEWS } from "../subViews";
import { PanLesson } from "./PanLesson";
import { TraceImport } from "./TraceImport";
import { PageHead } from "@/ui/layout/PageHead";
import { t } from "@/words/stove-plan";

export const metadata: Metadata = { title: t("learnedHere") };

const LOOKS_BACK_DAYS = 60;
const MOST_COOKS = 40;

export default async function LearnedPage() {
  const nowMs = await requestTime();
  const house = requireHouse();
  const cooks = cooksSince(db(), nowMs - LOOKS_BACK_DAYS * DAY_MS, MOST_COOKS);
  const rows = cooks.map((cook) => ({
    id: cook.id,
    panId: cook.plan.panId,
    title: `${speciesName(cook.speciesId)} ×${cook.pieces}, ${dayText(cook.startedAtMs, house.timeZone)} ${timeText(cook.startedAtMs, house.timeZone)}`,
    readings: cook.events.filter(({ kind }) => kind === "probed").length + readingsOf(db(), cook.id).length,
  }));
  const probed = rows.filter(({ readings }) => readings > 0);
  const pans = PANS.map((pan) => {
    const fit = fitOfPan(db(), pan.id);
    return {
      pan,
      fit: fit
        ? {
            vessel: fit.vessel,
            vesselSd: fit.vesselSd,
            air: fit.air,
            airSd: fit.airSd,
            cooks: fit.cooks,
            residuals: fit.residuals,
            learned: t("atByWho", { at: dayText(fit.atMs, house.timeZone), who: fit.who }),
          }
        : null,
      cooks: probed.filter(({ panId }) => panId === pan.id),
    };
  }).toSorted((a, b) => Number(b.fit !== null) - Number(a.fit !== null) || b.cooks.length - a.cooks.length);
  const known = pans.filter(({ fit }) => fit !== null).length;
  return (
    <>
      <PageHead
        title={known === 0 ? t("nothingLearnedOfThesePansYet") : t("knownPansKnownByItsCooks", { known })}
        asks={t("notedCentresAndProbeTracesSay")}
      />
      <SubNav views={STOVE_VIEWS} here="/stove/learned" />
      <div className={page.wideLeft}>
        <div className={page.stack}>
          {pans.map(({ pan, fit, cooks: taught }) => (
            <PanLesson key={pan.id} panId={pan.id} label={pan.label} fit={fit} cooks={taught} />
          ))}
        </div>
        <section className={page.card}>
          <h2>{t("aTraceOutOfAFile")}</h2>
          <TraceImport cooks={rows.map(({ id, title }) => ({ id, title }))} />
        </section>
      </div>
    </>
  );
}
