"use client";
import { memo } from "react";
import { methodOf, outcomeLabel, type CookPlan } from "@/core/cooking";
import { isFinfish, type Species } from "@/core/species";
import { allergensOf, namedAllergens } from "@/core/trace";
import { durationText } from "@/words/format/format";
import { useHouse } from "@/ui/hooks/HouseContext";
import page from "@/ui/layout/page.module.css";
import styles from "../Stove.module.css";
import { HowSure } from "./HowSure";
import { TwoGoes } from "./TwoGoes";
import { t } from "@/words/stove-plan";
import { say } from "@/words/say";
import { type Said } from "@/core/shared";
import { Source } from "@/ui/layout/Source";

type Props = {
  readonly plan: CookPlan;
  readonly species: Species;
  readonly parasites: { readonly met: boolean; readonly text: Said } | null;
  readonly tookMs: number | null;
};

/** How far off it may be, what the others in the batch get, and whether the rule is met. */
export const PlanFacts = memo(function PlanFacts({ plan, species, parasites, tookMs }: Props) {
  const { format, ruleSetId } = useHouse();
  const { window, safety, spread, chance, practice } = plan;
  const label = (id: CookPlan["band"]) => outcomeLabel(id, species.donenessGroup).toLowerCase();
  const allergens = namedAllergens(ruleSetId, species, [
    ...allergensOf(species, {}),
    ...methodOf(plan.methodId).brings,
  ]);
  const fixedGoal = plan.band === "tender" || plan.band === "open";
  const goesOn = plan.restPeakC >= plan.peakC - 0.5;
  return (
    <section className={page.card}>
      <div className={styles.facts}>
        <div>
          <h3>{t("window")}</h3>
          <p>
            {t.rich("pullUpToEarlyEarlyOr", {
              early: durationText(window.earlyS),
              b: (words) => <b className="figure">{words}</b>,
              late: durationText(window.lateS),
              b2: (words) => <b className="figure">{words}</b>,
              band: label(plan.band),
            })}
          </p>
          <p className="muted">
            {goesOn ? (
              <>
                {t.rich("pullAtPullItGoesOn", {
                  pull: format.temperature(plan.pullC),
                  span: (words) => <span className="figure">{words}</span>,
                })}{" "}
              </>
            ) : (
              <>
                {t.rich("servedAtRestPeakTheHottestIt", {
                  restPeak: format.temperature(plan.restPeakC),
                  span: (words) => <span className="figure">{words}</span>,
                })}{" "}
              </>
            )}
            <span className="figure" data-testid="peak">
              {format.temperature(plan.peakC)}
            </span>
            {Math.abs(plan.readsLikeC - plan.peakC) > 1.5 && !fixedGoal
              ? t("andEatsLikeReadsLikeDoneAt", { readsLike: format.temperature(plan.readsLikeC) })
              : ""}
            .
          </p>
          {goesOn && plan.carryOver.risesK > plan.carryOver.usualMostK + 1 ? (
            <p className="muted" data-testid="carry-over">
              {t("byTheModelItRisesRises", {
                rises: format.difference(plan.carryOver.risesK),
                usualMost: format.difference(plan.carryOver.usualMostK),
              })}
            </p>
          ) : null}
        </div>
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
              band: label(plan.band),
            })}
            {plan.band === "tender" ? (
              "."
            ) : (
              <>
                {t.rich("nineInTenBetweenLowAnd", {
                  low: format.temperature(chance.lowC),
                  span: (words) => <span className="figure nowrap">{words}</span>,
                  high: format.temperature(chance.highC),
                  span2: (words) => <span className="figure nowrap">{words}</span>,
                })}
              </>
            )}
          </p>
          <p className="muted">
            {plan.band === "tender" ? t("aSkewerInTheThickestEnd") : t("aProbeBeforeThePullTakes")}
          </p>
        </div>
        <div>
          <h3>{t("inThisBatch")}</h3>
          {spread && spread.thickest.thicknessMm - spread.thinnest.thicknessMm > 0.4 ? (
            <>
              <ul className={styles.plain}>
                {[spread.thinnest, spread.thickest].map((piece, index) => (
                  <li key={index} data-testid={index === 0 ? "thinnest" : "thickest"}>
                    {index === 0 ? t("thinnest") : t("thickest")}{" "}
                    <span className="figure">{format.length(piece.thicknessMm)}</span>:{" "}
                    <b className="figure">{format.temperature(piece.peakC)}</b>, {label(piece.band)}
                  </li>
                ))}
              </ul>
              <p className="muted">
                {t("thickPiecesFirstValue", {
                  value:
                    spread.thinnest.afterThickestS > 4
                      ? t("theThinnestAfterThickestLaterAnd", {
                          afterThickest: durationText(spread.thinnest.afterThickestS),
                        })
                      : ".",
                })}
              </p>
            </>
          ) : (
            <p>{t("allOfASizeInTogether")}</p>
          )}
        </div>
        <div data-meets={safety.meets} className={styles.safety}>
          <h3>
            {safety.meets
              ? t("meetsTheCookingRule")
              : safety.figure === "plan"
                ? t("noFigureInTheLaw")
                : t("underTheRule")}
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
      </div>
      {allergens.words.length > 0 ? (
        <p data-testid="allergens">
          {t.rich("allergensToNameWordsNoticeSource", {
            words: allergens.words.join(", "),
            notice: allergens.notice,
            source: allergens.source,
            span: (words) => <Source inline>{words}</Source>,
          })}
        </p>
      ) : null}
      {plan.warnings.length > 0 || (practice && !practice.agrees) ? (
        <ul className={styles.warnings}>
          {practice && !practice.agrees ? (
            <li data-testid="practice">
              {t("cooksGiveFromToToFor", {
                from: durationText(practice.fromS),
                to: durationText(practice.toS),
                pull: durationText(plan.pullS),
                value:
                  practice.fitsMm === null
                    ? ""
                    : t("theirTimeFitsFitsFromThe", { fits: format.length(practice.fitsMm) }),
              })}
            </li>
          ) : null}
          {plan.warnings.map((warning) => (
            <li key={warning.code}>{say(warning, format)}</li>
          ))}
        </ul>
      ) : null}
      <details className={page.open}>
        <summary>{t("whatOneChangeDoesToThe")}</summary>
        <ul className={styles.plain}>
          {plan.sensitivity.map(({ what, peakC, band }) => (
            <li key={what.code}>
              {say(what, format)}: <b className="figure">{format.temperature(peakC, 1)}</b>, {label(band)}
            </li>
          ))}
        </ul>
      </details>
      <TwoGoes plan={plan} species={species} />
      <HowSure plan={plan} species={species} tookMs={tookMs} />
    </section>
  );
});
