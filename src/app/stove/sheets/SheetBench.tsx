"use client";
import { Alert, Button, Progress, Select } from "antd";
import { useRouter } from "next/navigation";
import { useState, type ReactNode } from "react";
import {
  methodOf,
  shapeFor,
  sheetThicknesses,
  usualCookForm,
  usualPiece,
  waysFor,
  type Films,
  type MethodId,
} from "@/core/cooking";
import { findSpecies, shortName } from "@/core/species";
import { useHouse } from "@/ui/hooks/HouseContext";
import page from "@/ui/layout/page.module.css";
import { QuantityField } from "@/ui/form/QuantityField";
import { SpeciesSearch } from "@/ui/form/SpeciesSearch";
import { useStationSheet } from "@/workers/client/useSheet";
import { useAct } from "@/ui/hooks/useAct";
import { keepStationSheet } from "./actions";
import { GoalCard } from "../bench/GoalCard";
import { Setting } from "../bench/Setting";
import { firstAsk } from "@/house/stove/firstAsk";
import { questionOf } from "@/house/stove/question";
import type { CookAskInput } from "@/house/stove/cookAsk";
import styles from "../Stove.module.css";
import { SheetTable } from "./SheetTable";
import { PageHead } from "@/ui/layout/PageHead";
import { t } from "@/words/stove-plan";
import { say } from "@/words/say";
import { Empty } from "@/ui/layout/Empty";

type Props = {
  readonly filmsByPan: Readonly<Record<string, Partial<Films>>>;
  readonly nav: ReactNode;
  readonly kept: ReactNode;
};

/** Works out a sheet for one fish and method: thickness against times, a line at a time, to be kept and hung up. */
export function SheetBench({ filmsByPan, nav, kept }: Props) {
  const { format, ruleSetId, ownSpecies } = useHouse();
  const router = useRouter();
  const { act } = useAct();
  const [speciesId, setSpeciesId] = useState("arctic-char");
  const species = findSpecies(speciesId, ownSpecies)!;
  const [changed, setChanged] = useState<Partial<CookAskInput>>({});
  const [range, setRange] = useState({ from: 8, to: 60, step: 2 });
  const { massG } = usualPiece(species);
  // tried out by the planner: worked out when the animal changes, not with every letter typed
  const [first, setFirst] = useState(() => firstAsk(species, {}, 1));
  const { sizeMm } = first;
  const ask: CookAskInput = { ...first, ...changed };
  const method = methodOf(ask.methodId);
  const films = filmsByPan[ask.panId];
  const shape = shapeFor(ask.shape, sizeMm, massG, species.compositionPct);
  const thicknesses = sheetThicknesses(range);
  const load = { pieceG: massG, thicknessMm: sizeMm, thinnestMm: sizeMm, thickestMm: sizeMm };
  const piece = { speciesId, composition: species.compositionPct, prepared: null, load };
  const run = useStationSheet(
    questionOf(piece, ask, { ruleSetId, own: ownSpecies, ...(films ? { films } : {}) }),
    thicknesses,
  );
  const isWhole = run.rows.length === thicknesses.length;
  const change = (part: Partial<CookAskInput>) => setChanged((before) => ({ ...before, ...part }));
  const keep = async () => {
    const done = await act(keepStationSheet, { speciesId, pieceG: massG, ask, range });
    if (done) router.push(`/stove/sheets/${done.value}`);
  };
  const ends = (key: "from" | "to" | "step", label: string, min: number, max: number) => (
    <QuantityField
      label={label}
      kind="length"
      value={range[key]}
      min={min}
      max={max}
      onChange={(value) => setRange((before) => ({ ...before, [key]: value }))}
    />
  );
  return (
    <>
      <PageHead
        title={
          <>
            {t("sheetForSpeciesLabel", {
              species: shortName(species).toLowerCase(),
              label: method.label.toLowerCase(),
            })}
          </>
        }
        asks={t("timesAgainstThicknessForTheWall")}
      >
        <span className={styles.headActions}>
          {run.running ? (
            <Button size="large" onClick={run.stop}>
              {t("stop")}
            </Button>
          ) : isWhole ? null : (
            <Button size="large" disabled={range.to < range.from} onClick={run.again}>
              {t("workItOut")}
            </Button>
          )}
          <Button type="primary" size="large" disabled={run.running || !isWhole} onClick={keep}>
            {t("keepIt")}
          </Button>
        </span>
      </PageHead>
      {nav}
      {run.problem ? (
        <Alert type="warning" showIcon title={say(run.problem, format)} className={page.below ?? ""} />
      ) : null}
      <div className={styles.bench}>
        <div className={page.stack}>
          <section className={`${page.card} ${styles.inputs}`}>
            <label className={styles.full} htmlFor="sheet-species">
              {t("animal")}
              <SpeciesSearch
                id="sheet-species"
                value={speciesId}
                onChange={(id) => {
                  setSpeciesId(id);
                  setFirst(firstAsk(findSpecies(id, ownSpecies)!, {}, 1));
                  setChanged({});
                }}
              />
            </label>
            <label className={styles.full}>
              {t("way")}
              <Select<MethodId>
                value={ask.methodId}
                onChange={(methodId) => change({ methodId, schoolId: undefined, kit: {} })}
                options={waysFor({ species, shape, form: ask.form ?? usualCookForm(species) }).map(({ id, label }) => ({
                  value: id,
                  label,
                }))}
              />
            </label>
            {ends("from", t("from"), 4, 110)}
            {ends("to", t("to"), 5, 120)}
            {ends("step", t("step"), 1, 20)}
          </section>
          <GoalCard
            species={species}
            methodId={ask.methodId}
            goal={ask.goal}
            fixed={method.tender === true}
            onChange={change}
          />
          <Setting
            methodId={ask.methodId}
            schoolId={ask.schoolId}
            kit={ask.kit}
            panId={ask.panId}
            learned={films !== undefined}
            onChange={change}
          />
        </div>
        <div className={page.stack} data-plan>
          <section className={page.card}>
            {run.running ? (
              <Progress
                percent={Math.round((100 * run.rows.length) / thicknesses.length)}
                aria-label={t("linesWorkedOut")}
                className={page.below ?? ""}
              />
            ) : null}
            {run.rows.length === 0 ? (
              <Empty>{t("chooseTheFishAndTheWay", { length: thicknesses.length })}</Empty>
            ) : (
              <SheetTable rows={run.rows} group={species.donenessGroup} />
            )}
          </section>
          {kept}
        </div>
      </div>
    </>
  );
}
