"use client";
import { InputNumber, Segmented } from "antd";
import { useState, type ReactNode } from "react";
import { governingMm, keepsMin, shapeFor, USUAL_HOLD_C, type Holding, type PieceShape } from "@/core/cooking";
import { RULE_SETS, type RuleSetId } from "@/core/safety";
import { findSpecies, shortName } from "@/core/species";
import { durationText } from "@/ui/format/format";
import { useHouse } from "@/ui/hooks/HouseContext";
import page from "@/ui/layout/page.module.css";
import { SpeciesSearch } from "@/ui/form/SpeciesSearch";
import { UnitInput } from "@/ui/form/UnitInput";
import { useAct } from "@/ui/hooks/useAct";
import { useHold } from "@/workers/client/useSheet";
import styles from "../Stove.module.css";
import { startHolding } from "./actions";
import { HoldingTable } from "./HoldingTable";
import { PageHead } from "@/ui/layout/PageHead";

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

/** As the action takes it: by then every rule has it out. */
const MOST_USED_MIN = 240;

/** A finished dish that has to wait: how long each way of the house keeps it as it was cooked, and how long the rule lets it. */
export function HoldBench({ from, ruleSetId, nav, held }: Props) {
  const { format, ownSpecies } = useHouse();
  const { act } = useAct();
  const [speciesId, setSpeciesId] = useState(from?.speciesId ?? "cod");
  const [kind, setKind] = useState<PieceShape["kind"]>(from?.shape.kind ?? "slab");
  const [sizeMm, setSizeMm] = useState(from ? Math.round(governingMm(from.shape)) : 30);
  const [fromC, setFromC] = useState(Math.round(from?.fromC ?? 60));
  const [holdC, setHoldC] = useState(USUAL_HOLD_C);
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
      () => "The clock runs.",
    );
  return (
    <>
      <PageHead
        title={
          !best
            ? "Working out how it waits…"
            : fromC < minC
              ? "Serve it now: it is under hot holding"
              : `${best.way.label}: ${Number.isFinite(keepsMin(best)) ? `${durationText(keepsMin(best) * 60)} as it is` : "as it is for hours"}`
        }
        asks={
          fromC < minC
            ? `Cooked to ${format.temperature(fromC)}, and hot holding begins at ${format.temperature(minC)}. If it must wait the clock decides, and warming it here is no reheating.`
            : `It may wait as long as its coldest flesh stays at ${format.temperature(minC)} or above; how long it stays good is another matter.`
        }
      />
      {nav}
      {held ? <div className={styles.held}>{held}</div> : null}
      <div className={page.wideRight}>
        <section className={`${page.card} ${styles.inputs}`}>
          {from ? <p className={styles.full}>{from.title}, from the cook just finished</p> : null}
          <label className={styles.full} htmlFor="hold-species">
            Animal
            <SpeciesSearch id="hold-species" value={speciesId} onChange={setSpeciesId} />
          </label>
          <div className={styles.full}>
            <Segmented<PieceShape["kind"]>
              block
              value={kind}
              onChange={setKind}
              options={[
                { value: "slab", label: "Flat" },
                { value: "cylinder", label: "Round" },
                { value: "puck", label: "Short" },
              ]}
            />
          </div>
          <label>
            {kind === "cylinder" ? "Across" : "Thickness"}, {format.lengthUnit}
            <UnitInput kind="length" value={sizeMm} min={5} max={120} onChange={setSizeMm} />
          </label>
          <label>
            Centre now, {format.degree}
            <UnitInput kind="temperature" value={fromC} min={25} max={95} onChange={setFromC} />
          </label>
          <label>
            Plate, cabinet, liquid, {format.degree}
            <UnitInput kind="temperature" value={holdC} min={40} max={95} onChange={setHoldC} />
          </label>
          <label>
            Minutes warm before
            <InputNumber<number>
              value={usedMin}
              min={0}
              max={MOST_USED_MIN}
              inputMode="numeric"
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
