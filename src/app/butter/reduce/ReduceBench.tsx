"use client";
import { Alert } from "antd";
import dynamic from "next/dynamic";
import { useState } from "react";
import { massOf, shelfWith, waterBackMl, type Ingredient } from "@/core/butter";
import type { PanPace } from "@/db/butter/reductions";
import type { Burner } from "@/db/butter/spots";
import { FIRST_REDUCTION, reduced } from "@/house/butter/reduceBench";
import { QuantityField } from "@/ui/form/QuantityField";
import { useHouse } from "@/ui/hooks/HouseContext";
import { AnswerBench } from "@/ui/layout/AnswerBench";
import page from "@/ui/layout/page.module.css";
import { Source } from "@/ui/layout/Source";
import { t } from "@/words/butter";
import { durationText } from "@/words/format/format";
import styles from "../Butter.module.css";
import { LevelFall } from "./LevelFall";
import { ReduceParts } from "./ReduceParts";
import { StartReduction, UNNAMED_PAN } from "./StartReduction";

const ReduceCurves = dynamic(() => import("./ReduceCurves"), {
  ssr: false,
  loading: () => <div className={page.chartLow} aria-hidden="true" />,
});

type Props = {
  readonly burners: readonly Burner[];
  readonly own: readonly Ingredient[];
  readonly paces: readonly PanPace[];
};

/** How long a reduction takes in this pan on this burner, and what is left in it. */
export function ReduceBench({ burners, own, paces }: Props) {
  const { format } = useHouse();
  const [ask, setAsk] = useState(FIRST_REDUCTION);
  const [wentTo, setWentTo] = useState(FIRST_REDUCTION.toMl);
  const [pan, setPan] = useState(UNNAMED_PAN);
  const found = reduced(ask, shelfWith(own));
  const form = (
    <ReduceParts
      ask={ask}
      burners={burners}
      own={own}
      onChange={(next) => {
        setAsk(next);
        setWentTo(next.toMl);
      }}
    />
  );
  if (!found.ok) {
    return (
      <AnswerBench ask={form} problem={found.error}>
        {null}
      </AnswerBench>
    );
  }
  const { reduction, marks, levelMm, rows, startMl, boilsOver, coveredAlcoholPct } = found.value;
  const { secondsToBoil, secondsReducing, final, limitedBy, evaporatedG } = reduction;
  const left = rows.at(-1)!;
  const pace = paces.find((one) => one.panMm === ask.panMm && one.netPowerW === ask.netPowerW)?.pace ?? 1;
  const wholeS = secondsToBoil + secondsReducing;
  const backMl = Math.round(waterBackMl(wentTo, ask.toMl));
  return (
    <AnswerBench ask={form}>
      <section className={page.card} data-testid="reduction">
        <p className={page.big} data-testid="minutes">
          {durationText(wholeS / pace)}
        </p>
        <p className={page.sub}>
          {t("boilThenReduce", {
            boil: durationText(secondsToBoil),
            reduce: durationText(secondsReducing),
            by: limitedBy,
          })}
        </p>
        {pace === 1 ? null : (
          <p className={page.sub} data-testid="learned">
            {t("thisPanWasSeen", { model: durationText(wholeS) })}
          </p>
        )}
        {boilsOver ? (
          <Alert type="warning" showIcon title={t("itWillBoilOver", { level: format.length(levelMm, 0) })} />
        ) : null}
        <div className={styles.drawing}>
          <LevelFall panMm={ask.panMm} startMl={startMl} toMl={ask.toMl} marks={marks} />
          <dl className={page.gauges}>
            <div>
              <dt>{t("boiledAway")}</dt>
              <dd>{format.mass(evaporatedG)}</dd>
            </div>
            <div>
              <dt>{t("alcoholLeft")}</dt>
              <dd>{`${format.number(left.alcoholPct, left.alcoholPct < 1 ? 2 : 0)} %`}</dd>
            </div>
            <div>
              <dt>{t("acidLeft")}</dt>
              <dd>{`${left.acidPct.toFixed(0)} %`}</dd>
            </div>
            <div>
              <dt>{t("acidInIt")}</dt>
              <dd>{`${format.number((100 * (final.aceticG + final.fixedAcidG)) / massOf(final), 1)} %`}</dd>
            </div>
            <div>
              <dt>{t("saltInIt")}</dt>
              <dd>{`${format.number((100 * final.saltG) / massOf(final), 1)} %`}</dd>
            </div>
          </dl>
        </div>
        <p className={page.sub} data-testid="covered">
          {t("coveredInstead", { time: durationText(wholeS), pct: Math.round(coveredAlcoholPct) })}
        </p>
        <ReduceCurves rows={rows} />
        <StartReduction ask={ask} pan={pan} onPan={setPan} />
      </section>
      <section className={page.card}>
        <h2>{t("goneTooFar")}</h2>
        <QuantityField
          label={t("itWentDownTo")}
          kind="volume"
          value={wentTo}
          min={1}
          max={Math.ceil(startMl)}
          onChange={setWentTo}
        />
        <p data-testid="back">
          {backMl > 0 ? t("waterBringsItBack", { water: format.volume(backMl) }) : t("notTooFar")}
        </p>
        <Source>{t("reductionSource")}</Source>
      </section>
    </AnswerBench>
  );
}
