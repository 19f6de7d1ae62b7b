"use client";
import { Segmented } from "antd";
import { useMemo, useState } from "react";
import { CITRUS_SCHOOLS, minutesToWhiten, WHITENING, whiteningAt } from "@/core/cure";
import { Field } from "@/ui/form/Field";
import { hoursText } from "@/words/format/format";
import { useHouse } from "@/ui/hooks/HouseContext";
import { LayerMap } from "@/ui/drawings/LayerMap";
import { Slider } from "@/ui/form/Slider";
import page from "@/ui/layout/page.module.css";
import { PracticeLine } from "@/ui/layout/PracticeLine";
import { QuantityField } from "@/ui/form/QuantityField";
import { t } from "@/words/raw";
import { Source } from "@/ui/layout/Source";

const RAW = [233, 183, 160] as const;
const WHITE = [251, 246, 238] as const;
const LAYERS = 40;
const COLUMNS = 160;

/** How deep citrus whitens a slice over time. */
export function AcidCard() {
  const { format } = useHouse();
  const [thicknessMm, setThickness] = useState(8);
  const [school, setSchool] = useState<(typeof CITRUS_SCHOOLS)[number]["id"]>("rare");
  const chosen = CITRUS_SCHOOLS.find(({ id }) => id === school)!;
  const wanted = minutesToWhiten(thicknessMm, chosen.rawShare);
  const longest = Math.max(10, Math.ceil(minutesToWhiten(thicknessMm, 0).usual));
  const [minutes, setMinutes] = useState(10);
  const now = whiteningAt(thicknessMm, minutes);
  const columns = useMemo(
    () =>
      Array.from({ length: COLUMNS }, (_, column) => {
        const { depthMm } = whiteningAt(thicknessMm, (column / (COLUMNS - 1)) * longest);
        return Array.from({ length: LAYERS }, (_, layer) => {
          const atMm = ((layer + 0.5) / LAYERS) * thicknessMm;
          return Math.min(atMm, thicknessMm - atMm) < depthMm ? 1 : 0;
        });
      }),
    [thicknessMm, longest],
  );
  return (
    <section className={page.card} data-testid="acid">
      <h2>{t("limeOrLemon")}</h2>
      <p>
        {t.rich("usualForLabel", {
          usual: hoursText(wanted.usual / 60),
          span: (words) => <span className={page.big}>{words}</span>,
          label: chosen.label.toLowerCase(),
        })}
      </p>
      <p className={`muted ${page.below}`}>
        {t("lowToHighByFishWhy", {
          low: hoursText(wanted.low / 60),
          high: hoursText(wanted.high / 60),
          why: chosen.why,
        })}
      </p>
      <Segmented<(typeof CITRUS_SCHOOLS)[number]["id"]>
        block
        vertical
        value={school}
        onChange={setSchool}
        options={CITRUS_SCHOOLS.map(({ id, label }) => ({ value: id, label }))}
        aria-label={t("school")}
        className={page.below}
      />
      <QuantityField
        label={t("sliceOrCube")}
        kind="length"
        value={thicknessMm}
        min={1}
        max={40}
        onChange={setThickness}
      />
      <div className={page.around}>
        <LayerMap label={t("whiteningOfTheSliceOverTime")} columns={columns} from={RAW} to={WHITE} height={110} />
      </div>
      <p className={page.sub}>{t("fromDressedLeftToWhiteThrough", { longest: hoursText(longest / 60) })}</p>
      <Field label={t("minutesSinceItWasDressed")}>
        {(id) => (
          <Slider
            id={id}
            min={0}
            max={longest}
            value={Math.min(minutes, longest)}
            onChange={setMinutes}
            ariaLabelForHandle={t("minutesSinceItWasDressed")}
          />
        )}
      </Field>
      <p data-testid="depth">
        {t.rich("minutesMinDepthWhiteFromEach", {
          minutes: Math.min(minutes, longest),
          depth: format.length(now.depthMm, 1),
          b: (words) => <b className="figure">{words}</b>,
          low: format.length(now.lowMm, 1),
          high: format.length(now.highMm, 1),
          rawShare: Math.round(now.rawShare * 100),
        })}
      </p>
      <Source>{t("sourceFatFishAndSkinAre", { source: WHITENING.source })}</Source>
      <PracticeLine id="acidifying" />
    </section>
  );
}
