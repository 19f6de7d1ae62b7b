"use client";
import { Alert, Button } from "antd";
import { PUBLISHED_SCHEMES, slopePerDay, type DoorJudgement } from "@/core/freshness";
import { RULE_SETS } from "@/core/safety";
import { inSentence, shortName, SPECIES_SOURCES } from "@/core/species";
import { percentText } from "@/ui/format/format";
import { AdviceTag } from "@/ui/layout/AdviceTag";
import { useHouse } from "@/ui/hooks/HouseContext";
import page from "@/ui/layout/page.module.css";
import { VerdictTag } from "@/ui/layout/VerdictTag";
import styles from "./Dock.module.css";
import { confidenceWords } from "./confidenceWords";
import type { ReadDraft } from "./lotDraft";
import { stillWords } from "./stillWords";

type Props = {
  readonly read: ReadDraft | null;
  readonly lotCount: number;
  readonly verdicts: readonly (DoorJudgement | null)[];
  readonly problem: string | null;
  readonly busy: boolean;
};

const isSettled = (judgement: DoorJudgement) => judgement.complete || judgement.verdict === "refuse";

/** What the one button does, said as it will be done. */
function actWords(verdicts: Props["verdicts"]): { readonly words: string; readonly refuses: boolean } {
  const refused = verdicts.filter((one) => one?.verdict === "refuse").length;
  if (verdicts.length === 1)
    return refused === 1
      ? { words: "Refuse and keep the record", refuses: true }
      : { words: "Put on ice and keep the record", refuses: false };
  if (refused === verdicts.length) return { words: `Refuse all ${refused} and keep the record`, refuses: true };
  const iced = verdicts.length - refused;
  return {
    words: refused === 0 ? `Put all ${iced} on ice` : `${iced} on ice, refuse ${refused}`,
    refuses: false,
  };
}

/** The verdict as it stands, why, what it costs, and the one button that keeps it. */
export function VerdictPanel({ read, lotCount, verdicts, problem, busy }: Props) {
  const { ruleSetId, format } = useHouse();
  const rules = RULE_SETS[ruleSetId];
  const judgement = read?.judgement ?? null;
  const reading = judgement?.reading;
  const published = read ? PUBLISHED_SCHEMES.find(({ speciesId }) => speciesId === read.species.id) : undefined;
  const act = actWords(verdicts);
  return (
    <aside className={styles.verdict} aria-live="polite" aria-label="Verdict">
      {judgement && isSettled(judgement) ? (
        <VerdictTag verdict={judgement.verdict} large />
      ) : (
        <p className={styles.pending}>{read ? "Not judged yet" : "No fish named"}</p>
      )}
      {read && judgement && reading ? (
        <>
          <p className={styles.reads}>
            <span className={page.big} data-testid="reads-days">
              {reading.graded === 0 ? "–" : Math.round(reading.impliedIceDays)}
            </span>{" "}
            {reading.graded === 0
              ? "days gone, once graded"
              : `${Math.round(reading.impliedIceDays) === 1 ? "day" : "days"} gone, give or take ${reading.spreadDays}; it keeps ${judgement.lifeDays} in all`}
          </p>
          <p className="muted" hidden={reading.graded === 0}>
            {reading.graded} of {read.scheme.attributes.length} signs · {reading.points} of {reading.maximum} points ·{" "}
            {percentText(reading.share)}
          </p>
          <ul className={styles.reasons}>
            {judgement.reasons.map(({ text, source, weight }) => (
              <li key={text} data-weight={weight}>
                {format.words(text)}
                <span className={page.source}>{source}</span>
              </li>
            ))}
            {read.shortPct === null ? null : (
              <li data-weight="limits" data-testid="short">
                {read.shortPct.toFixed(1)} % short of the paper
                <span className={page.source}>
                  weighed against the weight stated; over 2 % is said (common practice)
                </span>
              </li>
            )}
          </ul>
          {judgement.complete || judgement.verdict === "refuse" ? null : (
            <p className={styles.still} data-testid="still">
              Still to look at: {stillWords(judgement.stillToLookAt)}.
            </p>
          )}
          {read.cost ? (
            <p className={styles.cost}>
              <span className="figure" data-testid="edible-cost">
                {format.money(read.cost.centsPerEdibleKg)}
              </span>{" "}
              an edible kilo, {format.money(read.cost.centsPerPortion)} a portion of{" "}
              {format.mass(read.species.portion.massG)}{" "}
              <span className={page.source}>at {percentText(read.cost.share)} yield</span>
            </p>
          ) : null}
          {read.advice ? <AdviceTag {...read.advice} /> : null}
          <details className={page.open}>
            <summary>About {inSentence(shortName(read.species))}</summary>
            <p>
              <i>{read.species.scientificName}</i> {read.species.faoCode ? `· ${read.species.faoCode}` : ""}
            </p>
            <p>{format.words(read.species.parasiteNote)}</p>
            <p>{format.words(read.species.kitchenNote)}</p>
            {published ? (
              <p>
                Published quality index: {published.maximum} points, about {slopePerDay(published).toFixed(2)} a day on
                ice. <span className={page.source}>{published.source}</span>
              </p>
            ) : null}
            <p className={page.source}>
              Life on ice: {SPECIES_SOURCES.iceLife}. Yields: {SPECIES_SOURCES.yield}. Composition:{" "}
              {SPECIES_SOURCES.composition}.{" "}
              {read.species.mark.origin === "house"
                ? "Entered by the house."
                : `All from memory: ${confidenceWords(read.species)}.`}
            </p>
          </details>
        </>
      ) : (
        <p className="muted">Any market name will do, in any of the kitchen’s languages.</p>
      )}
      {problem ? <Alert type="error" showIcon title={problem} /> : null}
      <Button
        type="primary"
        htmlType="submit"
        size="large"
        block
        loading={busy}
        danger={act.refuses}
        disabled={!read && lotCount === 1}
      >
        {act.words}
      </Button>
      <p className={page.source}>
        Judged by {rules.edition}. The local authority decides. A good score clears neither histamine, toxins nor
        parasites.
      </p>
    </aside>
  );
}
