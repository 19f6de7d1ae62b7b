"use client";
import { Alert, Button, InputNumber, Segmented } from "antd";
import { useState } from "react";
import { dressedHoldMin, planBatch, planSlices, plateHoldMin, SLICE_MM } from "@/core/raw";
import { findSpecies } from "@/core/species";
import { Field } from "@/ui/form/Field";
import { durationText, hoursText, percentText } from "@/ui/format/format";
import { useHouse } from "@/ui/hooks/HouseContext";
import page from "@/ui/layout/page.module.css";
import { UnitInput } from "@/ui/form/UnitInput";
import { useAct } from "@/ui/hooks/useAct";
import styles from "../Raw.module.css";
import { serveRaw } from "./actions";
import { SliceDrawing } from "./SliceDrawing";

type Props = {
  readonly lotId: string;
  readonly speciesId: string;
  readonly leftG: number;
  readonly dish: "raw" | "cured";
  readonly cleared: boolean;
};

const FIRST_COURSE_G = 70;
const WARM_PLATE_C = 10;
const HISTAMINE_C = 4.4;
const COLD_C = 5;
const SECONDS_PER_SLICE = 5;
const SECONDS_PER_PLATE = 25;

/** Slices, plates and how long they hold; and the plates written down with what cleared them. */
export function PlateBench({ lotId, speciesId, leftG, dish, cleared }: Props) {
  const { format, ownSpecies } = useHouse();
  const { act } = useAct();
  const species = findSpecies(speciesId, ownSpecies)!;
  const usual = SLICE_MM[species.group];
  const [covers, setCovers] = useState(8);
  const [portionG, setPortionG] = useState(FIRST_COURSE_G);
  const [sliceMm, setSliceMm] = useState(usual.usual);
  const [widthMm, setWidthMm] = useState(70);
  const [heightMm, setHeightMm] = useState(Math.max(8, Math.round(species.portion.thicknessMm)));
  const [leanDeg, setLeanDeg] = useState<number>(usual.leanDeg);
  const [roomC, setRoomC] = useState(22);
  const [plateC, setPlateC] = useState(4);
  const [busy, setBusy] = useState(false);

  const ask = { species, widthMm, heightMm, sliceMm, leanDeg, portionG };
  // first the face and the slice, then the block that gives them with its ends
  const { gramsPerCover, slicesPerCover, sliceG } = planSlices({ ...ask, blockG: leftG });
  const cutG = covers * gramsPerCover;
  const ends = planSlices({ ...ask, blockG: Math.max(cutG, 1) });
  const blockG = Math.min(leftG, cutG + Math.max(0, ends.endsG));
  const plan = planSlices({ ...ask, blockG });
  const limitC = species.histamineFormer === "no" ? COLD_C : HISTAMINE_C;
  const batch = planBatch({
    composition: species.compositionPct,
    blockMm: heightMm,
    startC: 1,
    roomC,
    limitC,
    slicesPerCover,
    secondsPerSlice: SECONDS_PER_SLICE,
    secondsPerPlate: SECONDS_PER_PLATE,
    covers,
  });
  const holdMin = plateHoldMin(gramsPerCover, 3, plateC, roomC, WARM_PLATE_C);
  const serve = async () => {
    setBusy(true);
    await act(
      serveRaw,
      {
        lotId,
        dish,
        covers,
        gramsPerCover: Math.round(gramsPerCover * 10) / 10,
        usedG: Math.round(blockG * 10) / 10,
      },
      (rule) => `${covers} plates written down: ${rule.toLowerCase()}.`,
    );
    setBusy(false);
  };
  const short = plan.covers < covers && cutG > leftG + 0.5;
  return (
    <section className={page.card} data-testid="plates">
      <h2>Slices and plates</h2>
      <div className={styles.answer}>
        <p>
          <span className={page.big}>{slicesPerCover}</span> slices of {format.mass(sliceG)} a cover
        </p>
        <p>
          <span className={page.big}>{format.mass(blockG)}</span> of block for {covers}
        </p>
      </div>
      <SliceDrawing heightMm={heightMm} sliceMm={sliceMm} leanDeg={leanDeg} flesh={species.flesh} />
      <p className={`${page.sub} ${page.around}`}>
        Knife {usual.knife}. Usual {format.length(usual.thin, 1)} to {format.length(usual.thick, 1)}.
      </p>
      <div className={styles.fields}>
        <Field label="Covers">
          {(id) => (
            <InputNumber<number>
              id={id}
              min={1}
              max={500}
              precision={0}
              inputMode="numeric"
              value={covers}
              onChange={(value) => value && setCovers(value)}
            />
          )}
        </Field>
        <label className={styles.field}>
          A cover, {format.massUnit}
          <UnitInput kind="mass" value={portionG} min={5} max={500} onChange={setPortionG} />
        </label>
        <Field label={`Slice, ${format.lengthUnit}`}>
          {(id) => (
            <InputNumber<number>
              id={id}
              min={Number(format.toLength(0.5).toFixed(2))}
              max={Number(format.toLength(40).toFixed(1))}
              step={format.units === "metric" ? 0.5 : 0.02}
              value={Number(format.toLength(sliceMm).toFixed(2))}
              inputMode="decimal"
              onChange={(shown) => shown && setSliceMm(format.fromLength(shown))}
            />
          )}
        </Field>
        <label className={styles.field}>
          Block wide, {format.lengthUnit}
          <UnitInput kind="length" value={widthMm} min={10} max={400} onChange={setWidthMm} />
        </label>
        <label className={styles.field}>
          Block high, {format.lengthUnit}
          <UnitInput kind="length" value={heightMm} min={5} max={200} onChange={setHeightMm} />
        </label>
        <Field label="Knife" wide>
          {(id) => (
            <Segmented<number>
              id={id}
              value={leanDeg}
              onChange={setLeanDeg}
              options={[
                { value: 0, label: "upright" },
                { value: 45, label: "slant" },
                { value: 65, label: "flat" },
              ]}
            />
          )}
        </Field>
        <label className={styles.field}>
          Room, {format.degree}
          <UnitInput kind="temperature" value={roomC} min={5} max={40} onChange={setRoomC} />
        </label>
        <label className={styles.field}>
          Plates, {format.degree}
          <UnitInput kind="temperature" value={plateC} min={-5} max={30} onChange={setPlateC} />
        </label>
      </div>
      <dl className={page.facts}>
        <dt>From block to slices</dt>
        <dd>
          {percentText(plan.yieldShare)}; {format.mass(plan.endsG)} of ends to tartare
        </dd>
        <dt>Plate holds its cold</dt>
        <dd>
          {Number.isFinite(holdMin)
            ? `${hoursText(holdMin / 60)} until it is at ${format.temperature(WARM_PLATE_C)}`
            : "as long as the room"}
        </dd>
        <dt>Dressed with citrus</dt>
        <dd>
          {durationText(Math.max(30, Math.round(dressedHoldMin(sliceMm) * 60)))} until a quarter of the slice is white
        </dd>
        <dt>Off the ice</dt>
        <dd>
          {durationText(Math.floor(batch.budgetMin) * 60)} at a time (its face at{" "}
          {format.temperature(limitC, format.units === "metric" ? 1 : 0)}): {batch.coversPerTrip} covers a trip,{" "}
          {batch.trips} {batch.trips === 1 ? "trip" : "trips"}, {hoursText(batch.workMin / 60)} of work
        </dd>
      </dl>
      {short ? (
        <Alert
          type="warning"
          showIcon
          title={`Only ${plan.covers} covers are in what is left.`}
          className={page.around ?? ""}
        />
      ) : null}
      <Button
        type="primary"
        size="large"
        block
        loading={busy}
        disabled={!cleared || short}
        onClick={serve}
        className={page.aboveMore ?? ""}
      >
        {cleared ? `Serve ${covers} plates and write it down` : "Not before it meets the rule"}
      </Button>
    </section>
  );
}
