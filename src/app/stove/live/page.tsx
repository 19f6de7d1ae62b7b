import type { Metadata } from "next";
import { PANS } from "@/core/cooking";
import { db } from "@/db/connection";
import { openCooks } from "@/db/stove/cooks";
import { listProbes } from "@/db/stove/probes";
import page from "@/ui/layout/page.module.css";
import { SubNav } from "@/ui/layout/SubNav";
import { FireRows } from "../../butter/FireRows";
import { onTheFire } from "../../butter/onTheFire";
import { requireHouse, requestTime } from "../../request";
import { clockOf } from "../clockOf";
import { STOVE_VIEWS } from "../subViews";
import { AllPans } from "./AllPans";
import { ProbeKeys } from "./ProbeKeys";
import { t } from "@/words/stove";

export const metadata: Metadata = { title: t("allPans") };

export default async function LivePage() {
  const nowMs = await requestTime();
  const { lineHands } = requireHouse();
  const cooks = openCooks(db());
  return (
    <AllPans
      hands={lineHands}
      serverNowMs={nowMs}
      cooks={cooks.map((cook) => ({
        ...clockOf(cook),
        batchCode: cook.batchCode,
        thicknessMm: cook.plan.thicknessMm,
        panLabel: PANS.find(({ id }) => id === cook.plan.panId)?.label ?? "",
        stages: cook.plan.answer.stages.map(({ name, do: task, cue, probeC, heat }) => ({
          name,
          task,
          cue,
          probeC,
          heat,
        })),
        probed: listProbes(db()).find(({ cookId }) => cookId === cook.id)?.celsius ?? null,
      }))}
      nav={<SubNav views={STOVE_VIEWS} here="/stove/live" />}
      below={
        <>
          <FireRows {...onTheFire(db())} serverNowMs={nowMs} />
          <section className={page.card}>
            <h2>{t("probes")}</h2>
            <ProbeKeys probes={listProbes(db()).map(({ id, name }) => ({ id, name }))} />
          </section>
        </>
      }
    />
  );
}
