"use client";
import { memo } from "react";
import { methodOf, outcomeLabel, type CookPlan } from "@/core/cooking";
import { isFinfish, type Species } from "@/core/species";
import { allergensOf, namedAllergens } from "@/core/trace";
import { durationText } from "@/ui/format/format";
import { useHouse } from "@/ui/hooks/HouseContext";
import page from "@/ui/layout/page.module.css";
import styles from "../Stove.module.css";
import { HowSure } from "./HowSure";
import { TwoGoes } from "./TwoGoes";

type Props = {
  readonly plan: CookPlan;
  readonly species: Species;
  readonly parasites: { readonly met: boolean; readonly text: string } | null;
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
          <h3>Window</h3>
          <p>
            Pull up to <b className="figure">{durationText(window.earlyS)}</b> early or{" "}
            <b className="figure">{durationText(window.lateS)}</b> late and it is still {label(plan.band)}.
          </p>
          <p className="muted">
            {goesOn ? (
              <>
                Pull at <span className="figure">{format.temperature(plan.pullC)}</span>; it goes on to{" "}
              </>
            ) : (
              <>
                Served at <span className="figure">{format.temperature(plan.restPeakC)}</span>; the hottest it was:{" "}
              </>
            )}
            <span className="figure" data-testid="peak">
              {format.temperature(plan.peakC)}
            </span>
            {Math.abs(plan.readsLikeC - plan.peakC) > 1.5 && !fixedGoal
              ? ` and eats like ${format.temperature(plan.readsLikeC)} done at the usual pace`
              : ""}
            .
          </p>
          {goesOn && plan.carryOver.risesK > plan.carryOver.usualMostK + 1 ? (
            <p className="muted" data-testid="carry-over">
              By the model it rises {format.difference(plan.carryOver.risesK)} after the pull; cooks reckon with{" "}
              {format.difference(plan.carryOver.usualMostK)} at most for this size. Probe it on the plate.
            </p>
          ) : null}
        </div>
        <div>
          <h3>Chance</h3>
          <p>
            <b className={styles.bigFigure} data-testid="chance">
              {Math.round(chance.inBand * 100)}
            </b>{" "}
            of 100 end {label(plan.band)}
            {plan.band === "tender" ? (
              "."
            ) : (
              <>
                ; nine in ten between <span className="figure nowrap">{format.temperature(chance.lowC)}</span> and{" "}
                <span className="figure nowrap">{format.temperature(chance.highC)}</span>.
              </>
            )}
          </p>
          <p className="muted">
            {plan.band === "tender"
              ? "A skewer in the thickest end tells more than a probe."
              : "A probe before the pull takes most of that away."}
          </p>
        </div>
        <div>
          <h3>In this batch</h3>
          {spread && spread.thickest.thicknessMm - spread.thinnest.thicknessMm > 0.4 ? (
            <>
              <ul className={styles.plain}>
                {[spread.thinnest, spread.thickest].map((piece, index) => (
                  <li key={index} data-testid={index === 0 ? "thinnest" : "thickest"}>
                    {index === 0 ? "Thinnest" : "Thickest"}{" "}
                    <span className="figure">{format.length(piece.thicknessMm)}</span>:{" "}
                    <b className="figure">{format.temperature(piece.peakC)}</b>, {label(piece.band)}
                  </li>
                ))}
              </ul>
              <p className="muted">
                Thick pieces first
                {spread.thinnest.afterThickestS > 4
                  ? `; the thinnest ${durationText(spread.thinnest.afterThickestS)} later, and all are ready together.`
                  : "."}
              </p>
            </>
          ) : (
            <p>All of a size: in together, out together.</p>
          )}
        </div>
        <div data-meets={safety.meets} className={styles.safety}>
          <h3>
            {safety.meets
              ? "Meets the cooking rule"
              : safety.figure === "plan"
                ? "No figure in the law"
                : "Under the rule"}
          </h3>
          <p>{format.words(safety.rule)}.</p>
          <p>{format.words(safety.advice)}</p>
          {!safety.meets && parasites && isFinfish(species.group) ? (
            <p data-testid="parasites" data-met={parasites.met}>
              The parasite rule for this lot, {parasites.met ? "met: " : "missing: "}
              {format.words(parasites.text)}.
            </p>
          ) : null}
        </div>
      </div>
      {allergens.words.length > 0 ? (
        <p data-testid="allergens">
          Allergens to name: {allergens.words.join(", ")}; {allergens.notice}.{" "}
          <span className={page.source}>{allergens.source}</span>
        </p>
      ) : null}
      {plan.warnings.length > 0 || (practice && !practice.agrees) ? (
        <ul className={styles.warnings}>
          {practice && !practice.agrees ? (
            <li data-testid="practice">
              Cooks give {durationText(practice.fromS)} to {durationText(practice.toS)} for this way; this piece takes{" "}
              {durationText(plan.pullS)}.
              {practice.fitsMm === null
                ? ""
                : ` Their time fits ${format.length(practice.fitsMm)} from the same start.`}
            </li>
          ) : null}
          {plan.warnings.map((warning) => (
            <li key={warning}>{format.words(warning)}</li>
          ))}
        </ul>
      ) : null}
      <details className={page.open}>
        <summary>What one change does to the same times</summary>
        <ul className={styles.plain}>
          {plan.sensitivity.map(({ what, peakC, band }) => (
            <li key={what}>
              {format.words(what)}: <b className="figure">{format.temperature(peakC, 1)}</b>, {label(band)}
            </li>
          ))}
        </ul>
      </details>
      <TwoGoes plan={plan} species={species} />
      <HowSure plan={plan} species={species} tookMs={tookMs} />
    </section>
  );
});
