"use client";
import { Alert, Button, Select } from "antd";
import { useRouter } from "next/navigation";
import { useState } from "react";
import {
  airDryMin,
  DRYING_AIR,
  LONGEST_TEMPER_MIN,
  plainPiece,
  PREPARATION_LABELS,
  prepare,
  temperTime,
  type DryingAir,
  type PreparationStep,
} from "@/core/block";
import { keyOfSaid } from "@/core/shared";
import { findSpecies } from "@/core/species";
import { NumberInput } from "@/ui/form/NumberInput";
import { Field } from "@/ui/form/Field";
import { hoursText } from "@/words/format/format";
import { useHouse } from "@/ui/hooks/HouseContext";
import { useKeptDraft } from "@/ui/hooks/useKeptDraft";
import { DraftNote } from "@/ui/layout/DraftNote";
import page from "@/ui/layout/page.module.css";
import { QuantityField } from "@/ui/form/QuantityField";
import { useAct } from "@/ui/hooks/useAct";
import { keepPreparation } from "../actions";
import styles from "./Prepare.module.css";
import { t } from "@/words/block";
import { say } from "@/words/say";
import { Source } from "@/ui/layout/Source";
import { Empty } from "@/ui/layout/Empty";

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

function first(kind: PreparationStep["kind"], thicknessMm: number, massG: number): PreparationStep {
  switch (kind) {
    case "brined":
      return { kind, brinePct: 5, minutes: 20 };
    case "evened":
      return { kind, targetPct: 1.2, waterPerFish: 1 };
    case "stuffed":
      return { kind, stuffingG: Math.round(massG * 0.3) };
    case "rolled":
      return { kind, lengthMm: 180, widthMm: 60 };
    case "tied":
      return { kind, widthMm: Math.round(2 * thicknessMm) };
    case "skewered":
      return { kind };
    case "breaded":
      return { kind, coatMm: 1.5 };
    case "dried":
      return { kind, minutes: 60 };
    case "tempered":
      return { kind, roomC: 20, minutes: 15 };
  }
}

/** What is done to the portions between the knife and the pan, and the piece it makes of them. */
export function PrepareBench({ batchId, speciesId, massG, thicknessMm, steps: kept }: Props) {
  const { format, ownSpecies } = useHouse();
  const router = useRouter();
  const { act } = useAct();
  const species = findSpecies(speciesId, ownSpecies)!;
  const [steps, setSteps] = useState(kept);
  const [air, setAir] = useState<DryingAir>("fan");
  const draft = useKeptDraft(`prepare ${batchId}`, steps, setSteps);
  const before = plainPiece(species, massG, thicknessMm);
  const made = prepare(species, before, steps);
  const piece = made.ok ? made.value : before;
  const toTemper = temperTime(before, 20, 8);
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
            <Button key={kind} onClick={() => setSteps((now) => [...now, first(kind, thicknessMm, massG)])}>
              {PREPARATION_LABELS[kind]}
            </Button>
          ))}
        </div>
      </section>
      <div className={page.stack}>
        <section className={page.card} data-testid="prepared-piece">
          <h2>{t("whatComesToThePan")}</h2>
          {made.ok ? null : (
            <Alert type="error" showIcon title={say(made.error, format)} className={page.below ?? ""} />
          )}
          <p>
            {t.rich("startAtThePan", {
              start: format.temperature(piece.startC, 1),
              span: (words) => <span className={page.big}>{words}</span>,
            })}
          </p>
          <dl className={`${page.facts} ${page.above}`}>
            <dt>{t("shape")}</dt>
            <dd>
              {piece.shape === "slab" ? t("slab") : t("round")}, {format.length(piece.thicknessMm, 1)}
            </dd>
            <dt>{t("weight")}</dt>
            <dd>{format.mass(piece.massG)}</dd>
            <dt>{t("saltInIt")}</dt>
            <dd>{format.number(piece.composition.ash - before.composition.ash, 1)} %</dd>
            <dt>{t("rule")}</dt>
            <dd>{piece.stuffed ? t("stuffedFish") : t("fish")}</dd>
          </dl>
          {piece.notes.length > 0 ? (
            <ul>
              {piece.notes.map((note) => (
                <li key={keyOfSaid(note)}>{say(note, format)}</li>
              ))}
            </ul>
          ) : null}
          <Button type="primary" size="large" block disabled={!made.ok} onClick={keep}>
            {t("carryItToTheStove")}
          </Button>
        </section>
        <section className={page.card}>
          <h2>{t("howLong")}</h2>
          <p>
            {t.rich("toTakeTheChillOffTo", {
              temperature: format.temperature(8),
              temperature2: format.temperature(20),
              toTemper: toTemper === null ? t("tooLong") : hoursText(toTemper / 60),
              b: (words) => <b className="figure">{words}</b>,
              longest: LONGEST_TEMPER_MIN,
            })}
          </p>
          <Field label={t("dryingAir")}>
            {(id) => (
              <Select<DryingAir>
                id={id}
                value={air}
                onChange={setAir}
                options={(Object.keys(DRYING_AIR) as DryingAir[]).map((value) => ({
                  value,
                  label: DRYING_AIR[value].label,
                }))}
              />
            )}
          </Field>
          <p>
            {t.rich("untilTheSkinIsDryPatted", {
              air: hoursText(airDryMin("patted", air) / 60),
              b: (words) => <b className="figure">{words}</b>,
              air2: hoursText(airDryMin("rinsed", air) / 60),
              b2: (words) => <b className="figure">{words}</b>,
            })}
          </p>
          <Source>{t("aFilmOf30GM")}</Source>
        </section>
      </div>
    </div>
  );
}

type FieldsProps = { readonly step: PreparationStep; readonly onChange: (to: PreparationStep) => void };

function StepFields({ step, onChange }: FieldsProps) {
  const number = (label: string, value: number, min: number, max: number, set: (value: number) => void) => (
    <Field label={label}>
      {(id) => (
        <NumberInput
          id={id}
          value={value}
          min={min}
          max={max}
          onChange={(shown) => {
            if (shown !== null) set(shown);
          }}
        />
      )}
    </Field>
  );
  const length = (label: string, value: number, max: number, set: (value: number) => void) => (
    <QuantityField label={label} kind="length" value={value} min={5} max={max} onChange={set} />
  );
  switch (step.kind) {
    case "brined":
      return (
        <>
          {number(t("brine"), step.brinePct, 0.5, 26, (brinePct) => onChange({ ...step, brinePct }))}
          {number(t("minutes"), step.minutes, 0, 1440, (minutes) => onChange({ ...step, minutes }))}
        </>
      );
    case "evened":
      return (
        <>
          {number(t("salt"), step.targetPct, 0.2, 6, (targetPct) => onChange({ ...step, targetPct }))}
          {number(t("waterFish"), step.waterPerFish, 0.3, 10, (waterPerFish) => onChange({ ...step, waterPerFish }))}
        </>
      );
    case "stuffed":
      return (
        <QuantityField
          label={t("stuffing")}
          kind="mass"
          value={step.stuffingG}
          min={1}
          max={2000}
          onChange={(stuffingG) => onChange({ ...step, stuffingG })}
        />
      );
    case "rolled":
      return (
        <>
          {length(t("lengthOfTheStrip"), step.lengthMm, 1000, (lengthMm) => onChange({ ...step, lengthMm }))}
          {length(t("width"), step.widthMm, 500, (widthMm) => onChange({ ...step, widthMm }))}
        </>
      );
    case "tied":
      return length(t("widthBeforeTying"), step.widthMm, 500, (widthMm) => onChange({ ...step, widthMm }));
    case "skewered":
      return null;
    case "breaded":
      return number(t("coatMmASide"), step.coatMm, 0.2, 10, (coatMm) => onChange({ ...step, coatMm }));
    case "dried":
      return number(t("minutesInTheAir"), step.minutes, 0, 1440, (minutes) => onChange({ ...step, minutes }));
    case "tempered":
      return (
        <>
          <QuantityField
            label={t("kitchen")}
            kind="temperature"
            value={step.roomC}
            min={5}
            max={40}
            onChange={(roomC) => onChange({ ...step, roomC })}
          />
          {number(t("minutesOut"), step.minutes, 0, 120, (minutes) => onChange({ ...step, minutes }))}
        </>
      );
  }
}
