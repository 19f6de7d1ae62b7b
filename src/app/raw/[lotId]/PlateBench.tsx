"use client";
import { Alert, Button } from "antd";
import { useState } from "react";
import {
  dressedHoldMin,
  FIRST_COURSE_G,
  planBatch,
  planSlices,
  plateHoldMin,
  SLICE_MM,
  slicedBelowC,
  SLICING_S,
  WARM_PLATE_C,
} from "@/core/raw";
import type { Species } from "@/core/species";
import { durationText, hoursText, percentText } from "@/words/format/format";
import { useHouse } from "@/ui/hooks/HouseContext";
import page from "@/ui/layout/page.module.css";
import { useAct } from "@/ui/hooks/useAct";
import styles from "../Raw.module.css";
import { serveRaw } from "./actions";
import { PlateFields, type PlateAsk } from "./PlateFields";
import { SliceDrawing } from "./SliceDrawing";
import { t } from "@/words/raw";

type Props = {
  readonly lotId: string;
  readonly species: Species;
  readonly leftG: number;
  readonly dish: "raw" | "cured";
  readonly cleared: boolean;
};

/** Slices, plates and how long they hold; and the plates written down with what cleared them. */
export function PlateBench({ lotId, species, leftG, dish, cleared }: Props) {
  const { format } = useHouse();
  const { act } = useAct();
  const usual = SLICE_MM[species.group];
  const [asked, setAsked] = useState<PlateAsk>({
    covers: 8,
    portionG: FIRST_COURSE_G,
    sliceMm: usual.usual,
    widthMm: 70,
    heightMm: Math.max(8, Math.round(species.portion.thicknessMm)),
    leanDeg: usual.leanDeg,
    roomC: 22,
    plateC: 4,
  });
  const { covers, portionG, sliceMm, widthMm, heightMm, leanDeg, roomC, plateC } = asked;
  const [busy, setBusy] = useState(false);

  const ask = { species, widthMm, heightMm, sliceMm, leanDeg, portionG };
  // first the face and the slice, then the block that gives them with its ends
  const { gramsPerCover, slicesPerCover, sliceG } = planSlices({ ...ask, blockG: leftG });
  const cutG = covers * gramsPerCover;
  const ends = planSlices({ ...ask, blockG: Math.max(cutG, 1) });
  const blockG = Math.min(leftG, cutG + Math.max(0, ends.endsG));
  const plan = planSlices({ ...ask, blockG });
  const limitC = slicedBelowC(species);
  const batch = planBatch({
    composition: species.compositionPct,
    blockMm: heightMm,
    startC: 1,
    roomC,
    limitC,
    slicesPerCover,
    secondsPerSlice: SLICING_S.slice,
    secondsPerPlate: SLICING_S.plate,
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
      (rule) => t("coversPlatesWrittenDownRule", { covers, rule }),
    );
    setBusy(false);
  };
  const short = plan.covers < covers && cutG > leftG + 0.5;
  return (
    <section className={page.card} data-testid="plates">
      <h2>{t("slicesAndPlates")}</h2>
      <div className={styles.answer}>
        <p>
          {t.rich("slicesPerCoverSlicesOfSliceACover", {
            slicesPerCover,
            span: (words) => <span className={page.big}>{words}</span>,
            slice: format.mass(sliceG),
          })}
        </p>
        <p>
          {t.rich("blockOfBlockForCovers", {
            block: format.mass(blockG),
            span: (words) => <span className={page.big}>{words}</span>,
            covers,
          })}
        </p>
      </div>
      <SliceDrawing heightMm={heightMm} sliceMm={sliceMm} leanDeg={leanDeg} flesh={species.flesh} />
      <p className={`${page.sub} ${page.around}`}>
        {t("knifeKnifeUsualThinToThick", {
          knife: usual.knife,
          thin: format.length(usual.thin, 1),
          thick: format.length(usual.thick, 1),
        })}
      </p>
      <PlateFields asked={asked} onChange={(part) => setAsked((before) => ({ ...before, ...part }))} />
      <dl className={page.facts}>
        <dt>{t("fromBlockToSlices")}</dt>
        <dd>
          {t("yieldShareEndsOfEndsToTartare", {
            yieldShare: percentText(plan.yieldShare),
            ends: format.mass(plan.endsG),
          })}
        </dd>
        <dt>{t("plateHoldsItsCold")}</dt>
        <dd>
          {Number.isFinite(holdMin)
            ? t("holdUntilItIsAtWARMPLATE", {
                hold: hoursText(holdMin / 60),
                warm: format.temperature(WARM_PLATE_C),
              })
            : t("asLongAsTheRoom")}
        </dd>
        <dt>{t("dressedWithCitrus")}</dt>
        <dd>
          {t("sliceUntilAQuarterOfThe", {
            slice: durationText(Math.max(30, Math.round(dressedHoldMin(sliceMm) * 60))),
          })}
        </dd>
        <dt>{t("offTheIce")}</dt>
        <dd>
          {t("budgetAtATimeItsFace", {
            budget: durationText(Math.floor(batch.budgetMin) * 60),
            limit: format.temperature(limitC, format.units === "metric" ? 1 : 0),
            coversPerTrip: batch.coversPerTrip,
            trips: batch.trips,
            work: hoursText(batch.workMin / 60),
          })}
        </dd>
      </dl>
      {short ? (
        <Alert
          type="warning"
          showIcon
          title={t("onlyCoversCoversAreInWhat", { covers: plan.covers })}
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
        {cleared ? t("serveCoversPlatesAndWriteIt", { covers }) : t("notBeforeItMeetsTheRule")}
      </Button>
    </section>
  );
}
