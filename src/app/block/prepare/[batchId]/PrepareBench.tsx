"use client";
import { Button } from "antd";
import { useRouter } from "next/navigation";
import { useState } from "react";
import { plainPiece, PREPARATION_LABELS, prepare, usualStep, type PreparationStep } from "@/core/block";
import { findSpecies } from "@/core/species";
import { useAct } from "@/ui/hooks/useAct";
import { useHouse } from "@/ui/hooks/HouseContext";
import { useKeptDraft } from "@/ui/hooks/useKeptDraft";
import { DraftNote } from "@/ui/layout/DraftNote";
import { Empty } from "@/ui/layout/Empty";
import page from "@/ui/layout/page.module.css";
import { t } from "@/words/block";
import { keepPreparation } from "../actions";
import { HowLong } from "./HowLong";
import styles from "./Prepare.module.css";
import { PreparedPiece } from "./PreparedPiece";
import { StepFields } from "./StepFields";

type Props = {
  readonly batchId: string;
  readonly speciesId: string;
  readonly massG: number;
  readonly thicknessMm: number;
  readonly steps: readonly PreparationStep[];
};

const KINDS = Object.keys(PREPARATION_LABELS) as PreparationStep["kind"][];
const WHY: Readonly<Record<PreparationStep["kind"], string>> = {
  brined: t("seasonsItThroughAndLessensThe"),
  evened: t("theSameSaltEverywhereWhateverThe"),
  stuffed: t("thickerAndTheCentreMustMeet"),
  rolled: t("aThinFilletBecomesARound"),
  tied: t("aFlatLoinCooksEvenlyOnce"),
  skewered: t("tailsAndLangoustinesStayStraight"),
  breaded: t("aDryCoatThatBrownsGluten"),
  dried: t("drySkinBrownsWetSkinSteams"),
  tempered: t("aRareCentreIsNotCold"),
};

/** What is done to the portions between the knife and the pan, and the piece it makes of them. */
export function PrepareBench({ batchId, speciesId, massG, thicknessMm, steps: kept }: Props) {
  const { format, ownSpecies } = useHouse();
  const router = useRouter();
  const { act } = useAct();
  const species = findSpecies(speciesId, ownSpecies)!;
  const [steps, setSteps] = useState(kept);
  const draft = useKeptDraft(`prepare ${batchId}`, steps, setSteps);
  const before = plainPiece(species, massG, thicknessMm);
  const made = prepare(species, before, steps);
  const change = (index: number, to: PreparationStep) =>
    setSteps((now) => now.map((one, at) => (at === index ? to : one)));
  const keep = async () => {
    if (!(await act(keepPreparation, { batchId, steps }, () => t("carriedToTheStove")))) return;
    draft.done();
    router.push(`/stove/${batchId}`);
  };
  return (
    <div className={page.wideLeft}>
      <section className={page.card}>
        <h2>{t("inThisOrder")}</h2>
        <DraftNote
          foundAtMs={draft.foundAtMs}
          onStartOver={() => {
            setSteps(kept);
            draft.forget();
          }}
        />
        {steps.length === 0 ? (
          <Empty>{t("asCutStartFromTheRefrigerator", { start: format.temperature(before.startC) })}</Empty>
        ) : null}
        <ol className={styles.steps}>
          {steps.map((one, index) => (
            <li key={index}>
              <div className={styles.stepHead}>
                <b>{PREPARATION_LABELS[one.kind]}</b>
                <span className={page.sub}>{WHY[one.kind]}</span>
                <Button size="small" onClick={() => setSteps((now) => now.filter((_, at) => at !== index))}>
                  {t("takeItOut")}
                </Button>
              </div>
              <div className={styles.fields}>
                <StepFields step={one} onChange={(to) => change(index, to)} />
              </div>
            </li>
          ))}
        </ol>
        <div className={styles.add} role="group" aria-label={t("addAStep")}>
          {KINDS.map((kind) => (
            <Button key={kind} onClick={() => setSteps((now) => [...now, usualStep(kind, { massG, thicknessMm })])}>
              {PREPARATION_LABELS[kind]}
            </Button>
          ))}
        </div>
      </section>
      <div className={page.stack}>
        <PreparedPiece made={made} before={before} onKeep={keep} />
        <HowLong before={before} />
      </div>
    </div>
  );
}
