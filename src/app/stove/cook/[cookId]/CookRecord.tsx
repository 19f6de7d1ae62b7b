"use client";
import Link from "next/link";
import type { ReactNode } from "react";
import type { CookEvent, LiveCook } from "@/core/cooking";
import type { StoredPlan } from "@/house/stove/storedPlan";
import { durationText, timeText } from "@/words/format/format";
import { useHouse } from "@/ui/hooks/HouseContext";
import page from "@/ui/layout/page.module.css";
import { PageHead } from "@/ui/layout/PageHead";
import { t } from "@/words/stove";

type Props = {
  readonly cookId: string;
  readonly title: string;
  readonly batchCode: string | null;
  readonly lotId: string | null;
  readonly plan: StoredPlan;
  readonly events: readonly CookEvent[];
  readonly live: LiveCook;
  readonly undo: ReactNode;
};

/** What was done decides; where nothing was worked out of it, what was planned. */
const ruleText = (foreseen: LiveCook["foreseen"], plannedMeets: boolean): string => {
  if (foreseen) return foreseen.meets ? t("whatWasDoneMeetsIt") : t("whatWasDoneIsUnderIt");
  return plannedMeets ? t("thePlanMeetsIt") : t("thePlanIsUnderItAdvisory");
};

/** A finished cook: what was planned, what was read, and the way to the book. */
export function CookRecord({ cookId, title, batchCode, lotId, plan, events, live, undo }: Props) {
  const { format, timeZone } = useHouse();
  const started = events[0]?.atMs ?? 0;
  const { answer } = plan;
  return (
    <>
      <PageHead
        title={
          <>
            {title}: {t("cookEnded", { status: live.status })}
          </>
        }
        asks={t("inTheBookAlreadyNothingMore")}
      />
      <section className={page.card} data-testid="record">
        <dl className={page.facts}>
          <dt>{t("batch")}</dt>
          <dd className={batchCode === null ? page.stop : "figure"}>{batchCode ?? t("noLotNamedItCannotBeTraced")}</dd>
          <dt>{t("fromTo")}</dt>
          <dd className="figure">
            {timeText(started, timeZone)} – {live.endedAtMs === null ? "" : timeText(live.endedAtMs, timeZone)} (
            {durationText(((live.endedAtMs ?? started) - started) / 1000)})
          </dd>
          <dt>{t("plannedCentre")}</dt>
          <dd className="figure">{format.temperature(answer.peakC, 1)}</dd>
          {live.foreseen ? (
            <>
              <dt>{t("byWhatWasDone")}</dt>
              <dd className="figure">{format.temperature(live.foreseen.peakC, 1)}</dd>
            </>
          ) : null}
          <dt>{t("probed")}</dt>
          <dd className="figure">
            {live.probes.length === 0
              ? t("notProbed")
              : live.probes.map(({ centreC }) => format.temperature(centreC, 1)).join(", ")}
          </dd>
          <dt>{t("rule")}</dt>
          <dd>
            {answer.safety.edition}: {ruleText(live.foreseen, answer.safety.meets)}
          </dd>
        </dl>
        <p className={`${page.line} ${page.above}`}>
          {lotId === null ? null : <Link href={`/book/lot/${lotId}`}>{t("fromThisPlateBackToThe2")}</Link>}
          {live.status === "done" ? <Link href={`/stove/hold?cook=${cookId}`}>{t("itHasToWait")}</Link> : null}
          <Link href="/stove">{t("nextBatch")}</Link>
          {undo}
        </p>
      </section>
    </>
  );
}
