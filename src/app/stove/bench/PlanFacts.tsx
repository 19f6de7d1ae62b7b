"use client";
import { Select } from "antd";
import Link from "next/link";
import { memo, useState } from "react";
import { methodOf, KINETICS, outcomeLabel, type CookPlan } from "@/core/cooking";
import { RULE_SETS } from "@/core/safety";
import { isFinfish, type Species } from "@/core/species";
import { allergensOf, namedAllergens } from "@/core/trace";
import { durationText } from "@/ui/format/format";
import { useHouse } from "@/ui/hooks/HouseContext";
import page from "@/ui/layout/page.module.css";
import styles from "../Stove.module.css";
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
  const [organism, setOrganism] = useState<string | null>(null);
  const killed = plan.lethality.find((one) => one.organism === organism) ?? plan.lethality[0]!;
  const { hotHold } = RULE_SETS[ruleSetId];
  const { window, safety, spread, uncertainty, chance, practice } = plan;
  const label = (id: CookPlan["band"]) => outcomeLabel(id, species.donenessGroup).toLowerCase();
  const { compositionPct: made } = species;
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
      <details className={page.open}>
        <summary>How sure, and where it comes from</summary>
        <p>
          The centre ends between <span className="figure">{format.temperature(uncertainty.lowC, 1)}</span> and{" "}
          <span className="figure">{format.temperature(uncertainty.highC, 1)}</span> with {uncertainty.basis}. The
          chance is from {chance.samples} cooks with thickness, start and coefficients drawn from what is known of them.
          Probe at the thickest point.
        </p>
        <p>
          Heat by finite volumes through flesh of {made.water} % water, {made.protein} % protein and {made.fat} % fat
          (Choi and Okos 1986). A face on metal, in fat or under a glow dries before it can pass{" "}
          {format.temperature(100)}
          {Number.isFinite(plan.lowestPanC)
            ? `; the pan or liquid falls to ${format.temperature(plan.lowestPanC)} at the lowest`
            : ""}
          . {plan.browned ? "The first face browns." : "The first face stays pale."} About{" "}
          {plan.waterLossPct.toFixed(0)} % of the weight is lost as juice.
        </p>
        <p>
          Doneness from the state of the proteins: myosin {KINETICS.myosin.source}; flakes part{" "}
          {KINETICS.flakeCollagen.source}; dryness from the water lost (common practice, low). Bands: common practice.
        </p>
        <p>
          <label className={styles.organism}>
            Killed at the coldest point, reckoned by
            <Select<string>
              value={killed.organism}
              onChange={setOrganism}
              options={plan.lethality.map((one) => ({ value: one.organism, label: one.organism }))}
            />
          </label>
          <b className="figure">{Math.min(99, killed.logReduction).toFixed(1)} log</b> ({killed.source}).
        </p>
        <p>
          Held hot, if at all, at {format.temperature(hotHold.minC)} or above ({hotHold.source}).{" "}
          <Link href="/stove/hold">How long it keeps</Link>
        </p>
        <p>
          {plan.dangerMin >= 1
            ? `Its coldest flesh is between ${format.temperature(5)} and ${format.temperature(57)}, tempering counted, for ${plan.dangerMin.toFixed(0)} min. `
            : ""}
          Method: {methodOf(plan.methodId).source}.{tookMs === null ? null : ` Planned in ${Math.round(tookMs)} ms.`}
        </p>
      </details>
    </section>
  );
});
