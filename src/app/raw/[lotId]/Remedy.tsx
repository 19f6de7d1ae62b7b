"use client";
import { Button, InputNumber, Select } from "antd";
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
          label={`Fish probed, ${format.degree}`}
          hint={`fish, ${format.degree}`}
          button="Note the probe"
          kind="probed"
          lotId={lotId}
        />
      );
    case "vibrio":
      return (
        <OneReading
          label={`Water at harvest, ${format.degree}`}
          hint={`water, ${format.degree}`}
          button="Note the water"
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
      return <Link href={`/ice/${lotId}`}>Thaw it at Ice</Link>;
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
    act(noteLot, { lotId, kind, amount: format.fromTemperature(value ?? 0), outOf: null }, () => "Noted.");
  return (
    <>
      <InputNumber<number>
        aria-label={label}
        placeholder={hint}
        step={0.1}
        inputMode="decimal"
        value={value}
        onChange={setValue}
      />
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
      <InputNumber<number>
        aria-label="Dead"
        placeholder="dead"
        min={0}
        precision={0}
        inputMode="numeric"
        value={dead}
        onChange={setDead}
      />
      <InputNumber<number>
        aria-label="Tapped"
        placeholder="tapped"
        min={1}
        precision={0}
        inputMode="numeric"
        value={tapped}
        onChange={setTapped}
      />
      <Button
        disabled={dead === null || tapped === null}
        onClick={() => act(noteLot, { lotId, kind: "tapped", amount: dead, outOf: tapped }, () => "Noted.")}
      >
        Note the taps
      </Button>
      <Button
        onClick={() => act(noteLot, { lotId, kind: "opened", amount: 1, outOf: null }, () => "Opened now, and noted.")}
      >
        Opened just now
      </Button>
    </>
  );
}

function RoeOrTag({ lotId, scallop }: { readonly lotId: string; readonly scallop: boolean }) {
  const { act } = useAct();
  return scallop ? (
    <>
      <Button onClick={() => act(noteLot, { lotId, kind: "roe", amount: 0, outOf: null }, () => "Noted: bare muscle.")}>
        Bare muscle: no tag asked
      </Button>
      <Button onClick={() => act(noteLot, { lotId, kind: "roe", amount: 1, outOf: null }, () => "Noted: roe on.")}>
        Roe on
      </Button>
    </>
  ) : (
    <Link href={`/ice/${lotId}`}>Papers of the lot</Link>
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
            us ? "Noted: the dealer is on the list." : "Noted: the dispatch centre is approved.",
          )
        }
      >
        {us ? "I looked: the dealer is on the certified list" : "The dispatch centre is approved"}
      </Button>
      {us ? null : (
        <Select<"A" | "B" | "C">
          aria-label="Class of the waters"
          placeholder="class of the waters"
          className={page.choice ?? ""}
          options={(["A", "B", "C"] as const).map((value) => ({ value, label: `Class ${value}` }))}
          onChange={(waterClass) =>
            act(notePapers, { lotId, papers: { waterClass } }, () => `Noted: class ${waterClass}.`)
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
      {canFreeze ? <Link href={`/raw/freeze?lot=${lotId}`}>Plan the freezing</Link> : null}
      <Link href={`/ice/${lotId}`}>Holds of the lot</Link>
      {paper("Freezing statement on file", { freezingStatement: true }, "Noted: the supplier's freezing statement.")}
      {production === "farmed" ? (
        <>
          <Select<"net-pen" | "land-based" | "ranched">
            aria-label="How it was reared"
            placeholder="how it was reared"
            className={page.choice ?? ""}
            options={[
              { value: "net-pen", label: "In net pens" },
              { value: "land-based", label: "On land" },
              { value: "ranched", label: "Caught and fattened" },
            ]}
            onChange={(rearing) => act(notePapers, { lotId, papers: { rearing } }, () => "Noted.")}
          />
          {paper("Grower's statement on file", { feedStatement: true }, "Noted: the grower's statement.")}
        </>
      ) : ruleSetId === "fda-2022" ? null : (
        paper("Authorised ground, with its paper", { clearedGround: true }, "Noted: an authorised ground.")
      )}
      {roe ? paper("Out of the skein and rinsed", { skein: "removed-and-rinsed" }, "Noted: rinsed eggs.") : null}
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
          act(noteLot, { lotId, kind: "looked", amount: Math.max(...seen), outOf: null }, () => "Looked at, and noted.")
        }
      >
        Note what I saw
      </Button>
    </div>
  );
}
