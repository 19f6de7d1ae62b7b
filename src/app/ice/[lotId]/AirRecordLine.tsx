"use client";
import { useState } from "react";
import { optionWords } from "@/core/safety";
import { findSpecies } from "@/core/species";
import { FREEZERS, WRAPS, type AirRecordRequest } from "@/core/raw";
import type { LotHold } from "@/db/lots/holds";
import { dayText, hoursText, timeText } from "@/ui/format/format";
import { useHouse } from "@/ui/hooks/HouseContext";
import page from "@/ui/layout/page.module.css";
import { useAirRecord } from "@/workers/client/useRaw";

/** What the freezer's own record shows of the pack as it was stated: when to probe, never that the rule is met. */
export function AirRecordLine({ held: { hold, pack, lot } }: { readonly held: LotHold }) {
  const { ownSpecies } = useHouse();
  const [open, setOpen] = useState(false);
  const species = findSpecies(lot.speciesId, ownSpecies);
  if (hold.kind !== "parasite" || pack === null || !species) return null;
  const { ruleId, startedAtMs, freezer = [] } = hold;
  return (
    <details className={page.open} onToggle={({ currentTarget }) => setOpen(currentTarget.open)}>
      <summary>What the freezer’s own record shows of this pack</summary>
      {open ? (
        <Reckoned request={{ composition: species.compositionPct, pack, ruleId, startedAtMs, air: freezer }} />
      ) : null}
    </details>
  );
}

function Reckoned({ request }: { readonly request: AirRecordRequest }) {
  const { format, timeZone } = useHouse();
  const { answer, problem, working } = useAirRecord(request);
  const when = (atMs: number) => `${dayText(atMs, timeZone)} ${timeText(atMs, timeZone)}`;
  const { pack } = request;
  if (problem === "no-record")
    return <p>Nothing is read of the freezer since the pack went in: a sensor or a reading by hand tells.</p>;
  if (problem) return <p role="alert">{problem}</p>;
  if (!answer) return <p aria-busy={working}>Following it through the record…</p>;
  const { judged, reachedAtMs, centreC, followedToMs, brokenAtMs } = answer;
  return (
    <div data-testid="air-record">
      <p>
        {reachedAtMs === null
          ? `By reckoning the centre was at ${format.temperature(centreC, 1)} on ${when(followedToMs)}: not there yet.`
          : `By reckoning the centre was cold enough from ${when(reachedAtMs)} on, and has ${hoursText(judged.hoursCredited)} of it by ${when(followedToMs)} (${format.words(optionWords(judged.nearest))}).`}
        {brokenAtMs === null ? "" : ` The record has a hole after ${when(brokenAtMs)} and is followed no further.`}
      </p>
      <p>
        <b>It proves nothing by itself:</b> put a probe in the centre; from that reading on the record of the freezer
        counts.
      </p>
      <p className={page.source}>
        Reckoned for {WRAPS[pack.wrap].label.toLowerCase()}, {format.length(pack.thicknessMm)}
        {pack.layers > 1 ? `, ${pack.layers} on each other` : ""}, in at {format.temperature(pack.startC)}, with the
        poorest air of its kind ({FREEZERS[pack.freezer].label.toLowerCase()}) and the warmer of every two readings.
      </p>
    </div>
  );
}
