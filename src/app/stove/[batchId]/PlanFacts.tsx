"use client";
import { DONENESS_LABELS, type CookPlan } from "@/core/cooking";
import { durationText } from "@/ui/format";
import { useHouse } from "@/ui/HouseContext";
import page from "@/ui/page.module.css";
import styles from "../Stove.module.css";

type Props = { readonly plan: CookPlan; readonly tookMs: number | null };

/** How far off it may be, what the others in the batch get, and whether the rule is met. */
export function PlanFacts({ plan, tookMs }: Props) {
  const { format } = useHouse();
  const { window, safety, spread, uncertainty } = plan;
  return (
    <section className={page.card}>
      <div className={styles.facts}>
        <div>
          <h3>Window</h3>
          <p>
            Pull up to <b className="figure">{durationText(window.earlyS)}</b> early or{" "}
            <b className="figure">{durationText(window.lateS)}</b> late and it is still{" "}
            {DONENESS_LABELS[plan.band].toLowerCase()}.
          </p>
          <p className="muted">
            Pull at <span className="figure">{format.temperature(plan.pullC)}</span>; the rest carries it to{" "}
            <span className="figure" data-testid="peak">
              {format.temperature(plan.peakC)}
            </span>
            .
          </p>
        </div>
        <div>
          <h3>In this batch</h3>
          {spread ? (
            <ul className={styles.plain}>
              {[spread.thinnest, spread.thickest].map((piece, index) => (
                <li key={index} data-testid={index === 0 ? "thinnest" : "thickest"}>
                  {index === 0 ? "Thinnest" : "Thickest"}{" "}
                  <span className="figure">{format.length(piece.thicknessMm)}</span>:{" "}
                  <b className="figure">{format.temperature(piece.peakC)}</b>,{" "}
                  {DONENESS_LABELS[piece.band].toLowerCase()}
                </li>
              ))}
            </ul>
          ) : null}
          <p className="muted">Thick pieces into the pan first.</p>
        </div>
        <div data-meets={safety.meets} className={styles.safety}>
          <h3>{safety.meets ? "Meets the rule" : "Under the rule"}</h3>
          <p>
            {safety.edition}: {safety.rule}.
          </p>
          <p>{safety.advice}</p>
        </div>
      </div>
      {plan.warnings.length > 0 ? (
        <ul className={styles.warnings}>
          {plan.warnings.map((warning) => (
            <li key={warning}>{warning}</li>
          ))}
        </ul>
      ) : null}
      <details className={page.open}>
        <summary>How sure, and where it comes from</summary>
        <p>
          The centre ends between <span className="figure">{format.temperature(uncertainty.lowC, 1)}</span> and{" "}
          <span className="figure">{format.temperature(uncertainty.highC, 1)}</span> with {uncertainty.basis}. Probe at
          the thickest point.
        </p>
        <p>
          Heat through the piece by finite volumes; conductivity, density and heat capacity from its composition (Choi
          and Okos 1986); the face on the metal dries before it can pass {format.temperature(100)}; the pan cools when
          the fish lands (lowest {format.temperature(plan.lowestPanC)}). Opaque where half the myosin has set (kinetics
          fitted to Hastings 1985 and Skipnes 2008, confidence low). Contact and air coefficients are fitted to common
          practice.
          {tookMs === null ? null : ` Planned in ${Math.round(tookMs)} ms.`}
        </p>
      </details>
    </section>
  );
}
