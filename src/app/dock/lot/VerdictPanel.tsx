"use client";
import { Alert, Button } from "antd";
import { keyOfSaid } from "@/core/shared";
import { PUBLISHED_SCHEMES, slopePerDay, type DoorJudgement } from "@/core/freshness";
import { RULE_SETS } from "@/core/safety";
import { inSentence, shortName, SPECIES_SOURCES } from "@/core/species";
import { percentText } from "@/words/format/format";
import { AdviceTag } from "@/ui/layout/AdviceTag";
import { useHouse } from "@/ui/hooks/HouseContext";
import page from "@/ui/layout/page.module.css";
import { VerdictTag } from "@/ui/layout/VerdictTag";
import styles from "../Dock.module.css";
import { confidenceWords } from "./confidenceWords";
import type { ReadDraft } from "../van/lotDraft";
import { stillWords } from "./stillWords";
import { t } from "@/words/dock";
import { say } from "@/words/say";
import { marked } from "@/words/marked";
import { Source } from "@/ui/layout/Source";

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
      ? { words: t("refuseAndKeepTheRecord"), refuses: true }
      : { words: t("putOnIceAndKeepThe"), refuses: false };
  if (refused === verdicts.length) return { words: t("refuseAllRefusedAndKeepThe", { refused }), refuses: true };
  const iced = verdicts.length - refused;
  return {
    words: refused === 0 ? t("putAllIcedOnIce", { iced }) : t("icedOnIceRefuseRefused", { iced, refused }),
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
    <aside className={styles.verdict} aria-live="polite" aria-label={t("verdict")}>
      {judgement && isSettled(judgement) ? (
        <VerdictTag verdict={judgement.verdict} large />
      ) : (
        <p className={styles.pending}>{read ? t("notJudgedYet") : t("noFishNamed")}</p>
      )}
      {read && judgement && reading ? (
        <>
          <p className={styles.reads}>
            <span className={page.big} data-testid="reads-days">
              {reading.graded === 0 ? "–" : Math.round(reading.impliedIceDays)}
            </span>{" "}
            {reading.graded === 0
              ? t("daysGoneOnceGraded")
              : t("impliedIceDaysGoneGiveOrTake", {
                  impliedIce: Math.round(reading.impliedIceDays),
                  spreadDays: reading.spreadDays,
                  lifeDays: judgement.lifeDays,
                })}
          </p>
          <p className="muted" hidden={reading.graded === 0}>
            {t("gradedOfLengthSignsPointsOf", {
              graded: reading.graded,
              length: read.scheme.attributes.length,
              points: reading.points,
              maximum: reading.maximum,
              share: percentText(reading.share),
            })}
          </p>
          <ul className={styles.reasons}>
            {judgement.reasons.map(({ text, source, weight }) => (
              <li key={keyOfSaid(text)} data-weight={weight}>
                {say(text, format)}
                <Source inline>{source}</Source>
              </li>
            ))}
            {read.shortPct === null ? null : (
              <li data-weight="limits" data-testid="short">
                {t.rich("shortShortOfThePaperWeighed", {
                  short: format.number(read.shortPct, 1),
                  span: (words) => <Source inline>{words}</Source>,
                })}
              </li>
            )}
          </ul>
          {judgement.complete || judgement.verdict === "refuse" ? null : (
            <p className={styles.still} data-testid="still">
              {t("stillToLookAtStillToLookAt", { stillToLookAt: stillWords(judgement.stillToLookAt) })}
            </p>
          )}
          {read.cost ? (
            <p className={styles.cost}>
              {t.rich("centsPerEdibleAnEdibleKiloCentsPerPortion", {
                centsPerEdible: format.money(read.cost.centsPerEdibleKg),
                span: (words) => (
                  <span className="figure" data-testid="edible-cost">
                    {words}
                  </span>
                ),
                centsPerPortion: format.money(read.cost.centsPerPortion),
                mass: format.mass(read.species.portion.massG),
                share: percentText(read.cost.share),
                span2: (words) => <Source inline>{words}</Source>,
              })}
            </p>
          ) : null}
          {read.advice ? <AdviceTag {...read.advice} /> : null}
          <details className={page.open}>
            <summary>{t("aboutSpecies", { species: inSentence(shortName(read.species)) })}</summary>
            <p>
              <i>{read.species.scientificName}</i> {read.species.faoCode ? `· ${read.species.faoCode}` : ""}
            </p>
            <p>{marked(read.species.parasiteNote, format)}</p>
            <p>{marked(read.species.kitchenNote, format)}</p>
            {published ? (
              <p>
                {t.rich("publishedQualityIndexMaximumPoints", {
                  maximum: published.maximum,
                  published: format.number(slopePerDay(published), 2),
                  source: published.source,
                  span: (words) => <Source inline>{words}</Source>,
                })}
              </p>
            ) : null}
            <Source>
              {t("lifeOnIceIceLifeYieldsYield", {
                iceLife: SPECIES_SOURCES.iceLife,
                yield: SPECIES_SOURCES.yield,
                composition: SPECIES_SOURCES.composition,
                value:
                  read.species.mark.origin === "house"
                    ? t("enteredByTheHouse")
                    : t("allFromMemorySpecies", { species: confidenceWords(read.species) }),
              })}
            </Source>
          </details>
        </>
      ) : (
        <p className="muted">{t("anyMarketNameWillDoIn")}</p>
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
      <Source>{t("judgedByEditionTheLocalAuthority", { edition: rules.edition })}</Source>
    </aside>
  );
}
