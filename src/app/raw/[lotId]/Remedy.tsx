"use client";
import { Button, Select } from "antd";
import { NumberInput } from "@/ui/form/NumberInput";
import Link from "next/link";
import { useState } from "react";
import type { Attribute, Grade } from "@/core/freshness";
import type { CheckId } from "@/core/raw";
import type { RuleSetId } from "@/core/safety";
import { GradeRow } from "@/ui/form/GradeRow";
import { useHouse } from "@/ui/hooks/HouseContext";
import { useAct } from "@/ui/hooks/useAct";
import { noteLot, notePapers } from "./actions";
import page from "@/ui/layout/page.module.css";
import { t } from "@/words/raw";

export type RemedyFacts = {
  readonly lotId: string;
  readonly ruleSetId: RuleSetId;
  readonly production: "wild" | "farmed";
  readonly roe: boolean;
  readonly scallop: boolean;
  readonly canFreeze: boolean;
  readonly lacking: readonly Attribute[];
};

/** The way to what a check misses: a reading, a paper, a look. */
export function Remedy({ id, ...facts }: RemedyFacts & { readonly id: CheckId }) {
  const { format } = useHouse();
  const { lotId } = facts;
  switch (id) {
    case "door":
      return <Look lotId={lotId} lacking={facts.lacking} />;
    case "parasites":
      return <ParasitePapers {...facts} />;
    case "kept-cold":
      return (
        <OneReading
          label={t("fishProbedDegree", { degree: format.degree })}
          hint={t("fishDegree", { degree: format.degree })}
          button={t("noteTheProbe")}
          kind="probed"
          lotId={lotId}
        />
      );
    case "vibrio":
      return (
        <OneReading
          label={t("waterAtHarvestDegree", { degree: format.degree })}
          hint={t("waterDegree", { degree: format.degree })}
          button={t("noteTheWater")}
          kind="water"
          lotId={lotId}
        />
      );
    case "alive":
      return <Taps lotId={lotId} />;
    case "waters":
      return <Waters lotId={lotId} ruleSetId={facts.ruleSetId} />;
    case "tag":
      return <RoeOrTag lotId={lotId} scallop={facts.scallop} />;
    case "state":
      return <Link href={`/ice/${lotId}`}>{t("thawItAtIce")}</Link>;
    default:
      return null;
  }
}

function OneReading({
  label,
  hint,
  button,
  kind,
  lotId,
}: {
  readonly label: string;
  readonly hint: string;
  readonly button: string;
  readonly kind: "probed" | "water";
  readonly lotId: string;
}) {
  const { format } = useHouse();
  const { act } = useAct();
  const [value, setValue] = useState<number | null>(null);
  const note = () =>
    act(noteLot, { lotId, kind, amount: format.fromTemperature(value ?? 0), outOf: null }, () => t("noted"));
  return (
    <>
      <NumberInput aria-label={label} placeholder={hint} step={0.1} value={value} onChange={setValue} />
      <Button disabled={value === null} onClick={note}>
        {button}
      </Button>
    </>
  );
}

function Taps({ lotId }: { readonly lotId: string }) {
  const { act } = useAct();
  const [dead, setDead] = useState<number | null>(null);
  const [tapped, setTapped] = useState<number | null>(null);
  return (
    <>
      <NumberInput aria-label={t("dead")} placeholder={t("dead2")} min={0} whole value={dead} onChange={setDead} />
      <NumberInput
        aria-label={t("tapped")}
        placeholder={t("tapped2")}
        min={1}
        whole
        value={tapped}
        onChange={setTapped}
      />
      <Button
        disabled={dead === null || tapped === null}
        onClick={() => act(noteLot, { lotId, kind: "tapped", amount: dead, outOf: tapped }, () => t("noted"))}
      >
        {t("noteTheTaps")}
      </Button>
      <Button
        onClick={() => act(noteLot, { lotId, kind: "opened", amount: 1, outOf: null }, () => t("openedNowAndNoted"))}
      >
        {t("openedJustNow")}
      </Button>
    </>
  );
}

function RoeOrTag({ lotId, scallop }: { readonly lotId: string; readonly scallop: boolean }) {
  const { act } = useAct();
  return scallop ? (
    <>
      <Button onClick={() => act(noteLot, { lotId, kind: "roe", amount: 0, outOf: null }, () => t("notedBareMuscle"))}>
        {t("bareMuscleNoTagAsked")}
      </Button>
      <Button onClick={() => act(noteLot, { lotId, kind: "roe", amount: 1, outOf: null }, () => t("notedRoeOn"))}>
        {t("roeOn")}
      </Button>
    </>
  ) : (
    <Link href={`/ice/${lotId}`}>{t("papersOfTheLot")}</Link>
  );
}

function Waters({ lotId, ruleSetId }: { readonly lotId: string; readonly ruleSetId: RuleSetId }) {
  const { act } = useAct();
  const us = ruleSetId === "fda-2022";
  return (
    <>
      <Button
        onClick={() =>
          act(notePapers, { lotId, papers: { dealerListed: true } }, () =>
            us ? t("notedTheDealerIsOnThe") : t("notedTheDispatchCentreIsApproved"),
          )
        }
      >
        {us ? t("iLookedTheDealerIsOn") : t("theDispatchCentreIsApproved")}
      </Button>
      {us ? null : (
        <Select<"A" | "B" | "C">
          aria-label={t("classOfTheWaters")}
          placeholder={t("classOfTheWaters2")}
          className={page.choice ?? ""}
          options={(["A", "B", "C"] as const).map((value) => ({ value, label: t("classValue", { value }) }))}
          onChange={(waterClass) =>
            act(notePapers, { lotId, papers: { waterClass } }, () => t("notedClassWaterClass", { waterClass }))
          }
        />
      )}
    </>
  );
}

function ParasitePapers({ lotId, ruleSetId, production, roe, canFreeze }: Omit<RemedyFacts, "scallop" | "lacking">) {
  const { act } = useAct();
  const paper = (words: string, papers: Record<string, unknown>, said: string) => (
    <Button onClick={() => act(notePapers, { lotId, papers }, () => said)}>{words}</Button>
  );
  return (
    <>
      {canFreeze ? <Link href={`/raw/freeze?lot=${lotId}`}>{t("planTheFreezing")}</Link> : null}
      <Link href={`/ice/${lotId}`}>{t("holdsOfTheLot")}</Link>
      {paper(t("freezingStatementOnFile"), { freezingStatement: true }, t("notedTheSuppliersFreezingStatement"))}
      {production === "farmed" ? (
        <>
          <Select<"net-pen" | "land-based" | "ranched">
            aria-label={t("howItWasReared")}
            placeholder={t("howItWasReared2")}
            className={page.choice ?? ""}
            options={[
              { value: "net-pen", label: t("inNetPens") },
              { value: "land-based", label: t("onLand") },
              { value: "ranched", label: t("caughtAndFattened") },
            ]}
            onChange={(rearing) => act(notePapers, { lotId, papers: { rearing } }, () => t("noted"))}
          />
          {paper(t("growersStatementOnFile"), { feedStatement: true }, t("notedTheGrowersStatement"))}
        </>
      ) : ruleSetId === "fda-2022" ? null : (
        paper(t("authorisedGroundWithItsPaper"), { clearedGround: true }, t("notedAnAuthorisedGround"))
      )}
      {roe ? paper(t("outOfTheSkeinAndRinsed"), { skein: "removed-and-rinsed" }, t("notedRinsedEggs")) : null}
    </>
  );
}

function Look({ lotId, lacking }: { readonly lotId: string; readonly lacking: readonly Attribute[] }) {
  const { act } = useAct();
  const [grades, setGrades] = useState<Readonly<Record<string, Grade | undefined>>>({});
  const seen = lacking.map(({ id }) => grades[id]).filter((grade) => grade !== undefined);
  if (lacking.length === 0) return null;
  return (
    <div className={page.full}>
      {lacking.map((attribute) => (
        <GradeRow
          key={attribute.id}
          attribute={attribute}
          grade={grades[attribute.id]}
          onGrade={(grade) => setGrades((before) => ({ ...before, [attribute.id]: grade }))}
        />
      ))}
      <Button
        disabled={seen.length < lacking.length}
        onClick={() =>
          act(noteLot, { lotId, kind: "looked", amount: Math.max(...seen), outOf: null }, () => t("lookedAtAndNoted"))
        }
      >
        {t("noteWhatISaw")}
      </Button>
    </div>
  );
}
