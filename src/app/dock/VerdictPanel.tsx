"use client";
import { Alert, Button } from "antd";
import type { DoorJudgement, Scheme } from "@/core/freshness";
import { RULE_SETS } from "@/core/safety";
import { inSentence, shortName, SPECIES_SOURCES, type Species } from "@/core/species";
import { percentText } from "@/ui/format";
import { useHouse } from "@/ui/HouseContext";
import page from "@/ui/page.module.css";
import { VerdictTag } from "@/ui/VerdictTag";
import styles from "./Dock.module.css";

type Props = {
  readonly judgement: DoorJudgement | null;
  readonly species: Species | undefined;
  readonly scheme: Scheme | null;
  readonly problem: string | null;
  readonly busy: boolean;
};

/** The verdict as it stands, why, and the one button that keeps it. */
export function VerdictPanel({ judgement, species, scheme, problem, busy }: Props) {
  const { ruleSetId } = useHouse();
  const rules = RULE_SETS[ruleSetId];
  const reading = judgement?.reading;
  const settled = judgement !== null && (judgement.complete || judgement.verdict === "refuse");
  return (
    <aside className={styles.verdict} aria-live="polite" aria-label="Verdict">
      {judgement && settled ? (
        <VerdictTag verdict={judgement.verdict} large />
      ) : (
        <p className={styles.pending}>{species ? "Not judged yet" : "No fish named"}</p>
      )}
      {judgement && reading && scheme ? (
        <>
          <p className={styles.reads}>
            <span className={page.big} data-testid="reads-days">
              {reading.graded === 0 ? "–" : Math.round(reading.impliedIceDays)}
            </span>{" "}
            {reading.graded === 0
              ? "days on ice once graded"
              : `${Math.round(reading.impliedIceDays) === 1 ? "day" : "days"} on ice, give or take ${reading.spreadDays}; it keeps ${judgement.lifeDays} in all`}
          </p>
          <p className="muted">
            {reading.graded} of {scheme.attributes.length} signs · {reading.points} of {reading.maximum} points ·{" "}
            {percentText(reading.share)}
          </p>
          <ul className={styles.reasons}>
            {judgement.reasons.map(({ text, source, weight }) => (
              <li key={text} data-weight={weight}>
                {text}
                <span className={page.source}>{source}</span>
              </li>
            ))}
          </ul>
        </>
      ) : (
        <p className="muted">Any market name will do, in any of the kitchen’s languages.</p>
      )}
      {species ? (
        <details className={page.open}>
          <summary>About {inSentence(shortName(species))}</summary>
          <p>
            <i>{species.scientificName}</i> {species.faoCode ? `· ${species.faoCode}` : ""}
          </p>
          <p>{species.parasiteNote}</p>
          <p>{species.kitchenNote}</p>
          <p className={page.source}>
            Life on ice: {SPECIES_SOURCES.iceLife}. Yields: {SPECIES_SOURCES.yield}. Composition:{" "}
            {SPECIES_SOURCES.composition}. All from memory, confidence {species.mark.confidence}.
          </p>
        </details>
      ) : null}
      {problem ? <Alert type="error" showIcon title={problem} /> : null}
      <Button
        type="primary"
        htmlType="submit"
        size="large"
        block
        loading={busy}
        danger={judgement?.verdict === "refuse" && settled}
        disabled={!species}
      >
        {settled && judgement?.verdict === "refuse" ? "Refuse and keep the record" : "Put on ice and keep the record"}
      </Button>
      <p className={page.source}>
        Judged by {rules.edition}. The local authority decides. A good score clears neither histamine, toxins nor
        parasites.
      </p>
    </aside>
  );
}
