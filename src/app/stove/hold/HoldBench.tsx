"use client";
import { Segmented } from "antd";
import { NumberInput } from "@/ui/form/NumberInput";
import { useState, type ReactNode } from "react";
import { governingMm, keepsMin, shapeFor, USUAL_HOLD_C, type Holding, type PieceShape } from "@/core/cooking";
import { RULE_SETS, type RuleSetId } from "@/core/safety";
import { findSpecies, shortName } from "@/core/species";
import { durationText } from "@/words/format/format";
import { useHouse } from "@/ui/hooks/HouseContext";
import page from "@/ui/layout/page.module.css";
import { SpeciesField } from "@/ui/form/SpeciesField";
import { NumberFields, type FigureSpec } from "@/ui/form/NumberFields";
import { useAct } from "@/ui/hooks/useAct";
import { useHold } from "@/workers/client/useSheet";
import styles from "../Stove.module.css";
import { startHolding } from "./actions";
import { HoldingTable } from "./HoldingTable";
import { PageHead } from "@/ui/layout/PageHead";
import { t } from "@/words/stove";

/** A finished cook that is to wait. */
export type FromCook = {
  readonly cookId: string;
  readonly title: string;
  readonly speciesId: string;
  readonly shape: PieceShape;
  readonly pieceG: number;
  readonly fromC: number;
  readonly usedMin: number;
};

type Props = {
  readonly from: FromCook | null;
  readonly ruleSetId: RuleSetId;
  readonly nav: ReactNode;
  /** The clocks that run. */
  readonly held: ReactNode;
};

/** The most that can be said: by then every rule has thrown it out. */
const MOST_USED_MIN = 240;

type Figures = { readonly sizeMm: number; readonly fromC: number; readonly holdC: number };

const figuresOf = (kind: PieceShape["kind"]): readonly FigureSpec<Figures>[] => [
  { of: "sizeMm", label: kind === "cylinder" ? t("across") : t("thickness"), kind: "length", min: 5, max: 120 },
  { of: "fromC", label: t("centreNow"), kind: "temperature", min: 25, max: 95 },
  { of: "holdC", label: t("plateCabinetLiquid"), kind: "temperature", min: 40, max: 95 },
];

/** A finished dish that has to wait: how long each way of the house keeps it as it was cooked, and how long the rule lets it. */
export function HoldBench({ from, ruleSetId, nav, held }: Props) {
  const { format, ownSpecies } = useHouse();
  const { act } = useAct();
  const [speciesId, setSpeciesId] = useState(from?.speciesId ?? "cod");
  const [kind, setKind] = useState<PieceShape["kind"]>(from?.shape.kind ?? "slab");
  const [piece, setPiece] = useState({
    sizeMm: from ? Math.round(governingMm(from.shape)) : 30,
    fromC: Math.round(from?.fromC ?? 60),
    holdC: USUAL_HOLD_C as number,
  });
  const { sizeMm, fromC, holdC } = piece;
  const [usedMin, setUsedMin] = useState(Math.min(MOST_USED_MIN, Math.round(from?.usedMin ?? 0)));
  const species = findSpecies(speciesId, ownSpecies)!;
  const { compositionPct: composition, donenessGroup: group } = species;
  const pieceG = from?.pieceG ?? species.portion.massG;
  const { answer, working } = useHold({
    group,
    composition,
    shape: shapeFor(kind, sizeMm, pieceG, composition),
    pieceG,
    fromC,
    holdC,
    ruleSetId,
    usedMin,
  });
  const { minC } = RULE_SETS[ruleSetId].hotHold;
  const best = answer?.[0];
  const start = (way: Holding["way"]) =>
    act(
      startHolding,
      {
        cookId: from?.cookId ?? null,
        title: from?.title ?? shortName(species),
        wayId: way.id,
        fromC,
        usedMin,
      },
      () => t("theClockRuns"),
    );
  return (
    <>
      <PageHead
        title={
          !best
            ? t("workingOutHowItWaits")
            : fromC < minC
              ? t("serveItNowItIsUnder")
              : `${best.way.label}: ${Number.isFinite(keepsMin(best)) ? t("bestAsItIs", { best: durationText(keepsMin(best) * 60) }) : t("asItIsForHours")}`
        }
        asks={
          fromC < minC
            ? t("cookedToFromAndHotHolding", { from: format.temperature(fromC), min: format.temperature(minC) })
            : t("itMayWaitAsLongAs", { min: format.temperature(minC) })
        }
      />
      {nav}
      {held ? <div className={styles.held}>{held}</div> : null}
      <div className={page.wideRight}>
        <section className={`${page.card} ${styles.inputs}`}>
          {from ? <p className={styles.full}>{t("titleFromTheCookJustFinished", { title: from.title })}</p> : null}
          <label className={styles.full} htmlFor="hold-species">
            {t("animal")}
            <SpeciesField id="hold-species" value={speciesId} onChange={setSpeciesId} />
          </label>
          <div className={styles.full}>
            <Segmented<PieceShape["kind"]>
              block
              value={kind}
              onChange={setKind}
              options={[
                { value: "slab", label: t("flat") },
                { value: "cylinder", label: t("round") },
                { value: "puck", label: t("short") },
              ]}
            />
          </div>
          <NumberFields
            value={piece}
            fields={figuresOf(kind)}
            onChange={(part) => setPiece((before) => ({ ...before, ...part }))}
          />
          <label>
            {t("minutesWarmBefore")}
            <NumberInput
              value={usedMin}
              min={0}
              max={MOST_USED_MIN}
              className={page.full ?? ""}
              onChange={(typed) => {
                if (typed !== null) setUsedMin(typed);
              }}
            />
          </label>
        </section>
        <HoldingTable
          holdings={answer ?? []}
          working={working}
          ruleSetId={ruleSetId}
          group={group}
          fromC={fromC}
          onStart={start}
        />
      </div>
    </>
  );
}
