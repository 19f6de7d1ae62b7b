"use client";
import { optionWords } from "@/core/safety";
import { findSpecies } from "@/core/species";
import { FREEZERS, WRAPS, type AirRecordRequest } from "@/core/raw";
import type { LotHold } from "@/db/lots/holds";
import { dayText, hoursText, timeText } from "@/words/format/format";
import { useHouse } from "@/ui/hooks/HouseContext";
import { useAirRecord } from "@/workers/client/useRaw";
import { t } from "@/words/ice";
import { say } from "@/words/say";
import { Source } from "@/ui/layout/Source";

/** The pack followed through the air of its freezer. */
export function AirRecord({ held: { hold, pack, lot } }: { readonly held: LotHold }) {
  const { ownSpecies } = useHouse();
  const species = findSpecies(lot.speciesId, ownSpecies);
  if (hold.kind !== "parasite" || pack === null || !species) return null;
  const { ruleId, startedAtMs, freezer = [] } = hold;
  return <Reckoned request={{ composition: species.compositionPct, pack, ruleId, startedAtMs, air: freezer }} />;
}

function Reckoned({ request }: { readonly request: AirRecordRequest }) {
  const { format, timeZone } = useHouse();
  const { answer, problem, working } = useAirRecord(request);
  const when = (atMs: number) => `${dayText(atMs, timeZone)} ${timeText(atMs, timeZone)}`;
  const { pack } = request;
  if (problem) return <p>{say(problem, format)}</p>;
  if (!answer) return <p aria-busy={working}>{t("followingItThroughTheRecord")}</p>;
  const { judged, reachedAtMs, centreC, followedToMs, brokenAtMs } = answer;
  return (
    <div data-testid="air-record">
      <p>
        {reachedAtMs === null
          ? t("byReckoningTheCentreWasAt", { centre: format.temperature(centreC, 1), followedTo: when(followedToMs) })
          : t("byReckoningTheCentreWasCold", {
              reachedAt: when(reachedAtMs),
              hoursCredited: hoursText(judged.hoursCredited),
              followedTo: when(followedToMs),
              nearest: say(optionWords(judged.nearest), format),
            })}
        {brokenAtMs === null ? "" : t("theRecordHasAHoleAfter", { brokenAt: when(brokenAtMs) })}
      </p>
      <p>{t.rich("itProvesNothingByItselfPut", { b: (words) => <b>{words}</b> })}</p>
      <Source>
        {t("reckonedForLabelThicknessValueIn", {
          label: WRAPS[pack.wrap].label.toLowerCase(),
          thickness: format.length(pack.thicknessMm),
          value: pack.layers > 1 ? t("layersOnEachOther", { layers: pack.layers }) : "",
          start: format.temperature(pack.startC),
          label2: FREEZERS[pack.freezer].label.toLowerCase(),
        })}
      </Source>
    </div>
  );
}
