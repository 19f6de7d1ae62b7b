"use client";
import dynamic from "next/dynamic";
import { memo, type ReactNode } from "react";
import { methodOf, outcomeLabel, type CookPlan } from "@/core/cooking";
import { isFinfish, type Species } from "@/core/species";
import { allergensOf, namedAllergens } from "@/core/trace";
import { durationText } from "@/words/format/format";
import { useHouse } from "@/ui/hooks/HouseContext";
import page from "@/ui/layout/page.module.css";
import styles from "../Stove.module.css";
import { TwoGoes } from "./TwoGoes";
import { t } from "@/words/stove-plan";
import { say } from "@/words/say";
import { keyOfSaid, type Said } from "@/core/shared";
import { Source } from "@/ui/layout/Source";

/** Folded: it comes after the plan. */
const HowSure = dynamic(() => import("./HowSure").then((part) => part.HowSure), { ssr: false });

type Props = {
  readonly plan: CookPlan;
  readonly species: Species;
  readonly parasites: { readonly met: boolean; readonly text: Said } | null;
  readonly tookMs: number | null;
};

type OfPlan = { readonly plan: CookPlan; readonly species: Species };

const wordFor = ({ donenessGroup }: Species, id: CookPlan["band"]): string =>
  outcomeLabel(id, donenessGroup).toLowerCase();

/** How far off it may be, what the others in the batch get, and whether the rule is met. */
export const PlanFacts = memo(function PlanFacts({ plan, species, parasites, tookMs }: Props) {
  const { format } = useHouse();
  return (
    <section className={page.card}>
      <div className={styles.facts}>
        <WindowFact plan={plan} species={species} />
        <ChanceFact plan={plan} species={species} />
        <SpreadFact plan={plan} species={species} />
        <RuleFact plan={plan} species={species} parasites={parasites} />
      </div>
      <AllergenLine plan={plan} species={species} />
      <Warnings plan={plan} />
      <details className={page.open}>
        <summary>{t("whatOneChangeDoesToThe")}</summary>
        <ul className={styles.plain}>
          {plan.sensitivity.map(({ what, peakC, band }) => (
            <li key={keyOfSaid(what)}>
              {say(what, format)}: <b className="figure">{format.temperature(peakC, 1)}</b>, {wordFor(species, band)}
            </li>
          ))}
        </ul>
      </details>
      <TwoGoes plan={plan} species={species} />
      <HowSure plan={plan} species={species} tookMs={tookMs} />
    </section>
  );
});

/** How much earlier or later it may come out, and where the middle goes from there. */
function WindowFact({ plan, species }: OfPlan) {
  const { format } = useHouse();
  const { window, carryOver } = plan;
  const fixedGoal = plan.band === "tender" || plan.band === "open";
  const goesOn = plan.restPeakC >= plan.peakC - 0.5;
  const figure = (words: ReactNode) => <span className="figure">{words}</span>;
  return (
    <div>
      <h3>{t("window")}</h3>
      <p>
        {t.rich("pullUpToEarlyEarlyOr", {
          early: durationText(window.earlyS),
          b: (words) => <b className="figure">{words}</b>,
          late: durationText(window.lateS),
          b2: (words) => <b className="figure">{words}</b>,
          band: wordFor(species, plan.band),
        })}
      </p>
      <p className="muted">
        {goesOn
          ? t.rich("pullAtPullItGoesOn", { pull: format.temperature(plan.pullC), span: figure })
          : t.rich("servedAtRestPeakTheHottestIt", { restPeak: format.temperature(plan.restPeakC), span: figure })}{" "}
        <span className="figure" data-testid="peak">
          {format.temperature(plan.peakC)}
        </span>
        {Math.abs(plan.readsLikeC - plan.peakC) > 1.5 && !fixedGoal
          ? t("andEatsLikeReadsLikeDoneAt", { readsLike: format.temperature(plan.readsLikeC) })
          : ""}
        .
      </p>
      {goesOn && carryOver.risesK > carryOver.usualMostK + 1 ? (
        <p className="muted" data-testid="carry-over">
          {t("byTheModelItRisesRises", {
            rises: format.difference(carryOver.risesK),
            usualMost: format.difference(carryOver.usualMostK),
          })}
        </p>
      ) : null}
    </div>
  );
}

/** How often it comes out as it was aimed. */
function ChanceFact({ plan, species }: OfPlan) {
  const { format } = useHouse();
  const { chance } = plan;
  return (
    <div>
      <h3>{t("chance")}</h3>
      <p>
        {t.rich("inBandOf100EndBand", {
          inBand: Math.round(chance.inBand * 10),
          b: (words) => (
            <b className={styles.bigFigure} data-testid="chance">
              {words}
            </b>
          ),
          band: wordFor(species, plan.band),
        })}
        {plan.band === "tender"
          ? "."
          : t.rich("nineInTenBetweenLowAnd", {
              low: format.temperature(chance.lowC),
              span: (words) => <span className="figure nowrap">{words}</span>,
              high: format.temperature(chance.highC),
              span2: (words) => <span className="figure nowrap">{words}</span>,
            })}
      </p>
      <p className="muted">{plan.band === "tender" ? t("aSkewerInTheThickestEnd") : t("aProbeBeforeThePullTakes")}</p>
    </div>
  );
}

/** What the thinnest and the thickest of the batch come to. */
function SpreadFact({ plan: { spread }, species }: OfPlan) {
  const { format } = useHouse();
  if (!spread || spread.thickest.thicknessMm - spread.thinnest.thicknessMm <= 0.4)
    return (
      <div>
        <h3>{t("inThisBatch")}</h3>
        <p>{t("allOfASizeInTogether")}</p>
      </div>
    );
  const { thinnest, thickest } = spread;
  const later =
    thinnest.afterThickestS > 4
      ? t("theThinnestAfterThickestLaterAnd", { afterThickest: durationText(thinnest.afterThickestS) })
      : ".";
  return (
    <div>
      <h3>{t("inThisBatch")}</h3>
      <ul className={styles.plain}>
        {[thinnest, thickest].map((piece, index) => (
          <li key={index} data-testid={index === 0 ? "thinnest" : "thickest"}>
            {index === 0 ? t("thinnest") : t("thickest")}{" "}
            <span className="figure">{format.length(piece.thicknessMm)}</span>:{" "}
            <b className="figure">{format.temperature(piece.peakC)}</b>, {wordFor(species, piece.band)}
          </li>
        ))}
      </ul>
      <p className="muted">{t("thickPiecesFirstValue", { value: later })}</p>
    </div>
  );
}

/** Whether the cooking rule is met, and what it asks. */
function RuleFact({ plan: { safety }, species, parasites }: OfPlan & Pick<Props, "parasites">) {
  const { format } = useHouse();
  return (
    <div data-meets={safety.meets} className={styles.safety}>
      <h3>
        {safety.meets ? t("meetsTheCookingRule") : safety.figure === "plan" ? t("noFigureInTheLaw") : t("underTheRule")}
      </h3>
      <p>{say(safety.asks, format)}.</p>
      <Source>{safety.section}</Source>
      <p>{say(safety.advice, format)}</p>
      {!safety.meets && parasites && isFinfish(species.group) ? (
        <p data-testid="parasites" data-met={parasites.met}>
          {t("theParasiteRuleForThisLot", {
            value: parasites.met ? t("met") : t("missing"),
            text: say(parasites.text, format),
          })}
        </p>
      ) : null}
    </div>
  );
}

function AllergenLine({ plan, species }: OfPlan) {
  const { ruleSetId } = useHouse();
  const { words, notice, source } = namedAllergens(ruleSetId, species, [
    ...allergensOf(species, {}),
    ...methodOf(plan.methodId).brings,
  ]);
  if (words.length === 0) return null;
  return (
    <p data-testid="allergens">
      {t.rich("allergensToNameWordsNoticeSource", {
        words: words.join(", "),
        notice,
        source,
        span: (of) => <Source inline>{of}</Source>,
      })}
    </p>
  );
}

/** What a cook must hear besides: first where custom and plan part. */
function Warnings({ plan: { practice, pullS, warnings } }: { readonly plan: CookPlan }) {
  const { format } = useHouse();
  const parts = practice && !practice.agrees ? practice : null;
  if (warnings.length === 0 && !parts) return null;
  return (
    <ul className={styles.warnings}>
      {parts ? (
        <li data-testid="practice">
          {t("cooksGiveFromToToFor", {
            from: durationText(parts.fromS),
            to: durationText(parts.toS),
            pull: durationText(pullS),
            value: parts.fitsMm === null ? "" : t("theirTimeFitsFitsFromThe", { fits: format.length(parts.fitsMm) }),
          })}
        </li>
      ) : null}
      {warnings.map((warning) => (
        <li key={keyOfSaid(warning)}>{say(warning, format)}</li>
      ))}
    </ul>
  );
}
