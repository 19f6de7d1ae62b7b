"use client";
import dynamic from "next/dynamic";
import type { ReactNode } from "react";
import { methodOf, outcomeLabel, type bandAt, type Sheet } from "@/core/cooking";
import type { Species } from "@/core/species";
import type { CookAskInput } from "@/house/stove/cookAsk";
import { CrossSection } from "@/ui/drawings/CrossSection";
import { CutFaceView } from "@/ui/drawings/CutFaceView";
import page from "@/ui/layout/page.module.css";
import { t } from "@/words/stove-plan";
import styles from "../Stove.module.css";

const CookCurves = dynamic(() => import("@/ui/charts/CookCurves"), {
  ssr: false,
  loading: () => <div className={page.chartHeight} />,
});

type Props = {
  /** What is drawn when there is a breath, and once the calliper stands still. */
  readonly shown: Sheet;
  readonly still: Sheet;
  readonly species: Species;
  readonly ask: CookAskInput;
  readonly band: ReturnType<typeof bandAt> | null;
  /** The figures of the plan, between the piece and its curves. */
  readonly children: ReactNode;
};

/** The piece through the cook, cut open at the plate, and its temperatures. */
export function PlanPictures({ shown, still, species, ask, band, children }: Props) {
  const skin = ask.skin && methodOf(ask.methodId).suits.skin !== "off";
  return (
    <>
      <section className={`${page.card} ${styles.section}`}>
        <CrossSection
          trace={shown.trace}
          stageNames={shown.stageNames}
          flesh={species.flesh}
          skin={skin}
          round={ask.shape !== "slab" && ask.shape !== "puck"}
          pullS={shown.plan.pullS}
        />
        <CutFaceView
          face={shown.cutFace}
          flesh={species.flesh}
          label={t("theCutFaceWhenServedBand", {
            band: outcomeLabel(shown.plan.band, species.donenessGroup).toLowerCase(),
          })}
        />
      </section>
      {children}
      <section className={page.card}>
        <h2>{t("temperatures")}</h2>
        <CookCurves
          trace={still.trace}
          bandFromC={band?.fromC ?? null}
          bandToC={band?.toC ?? null}
          pullS={still.plan.pullS}
          serveS={still.plan.serveS}
        />
      </section>
    </>
  );
}
