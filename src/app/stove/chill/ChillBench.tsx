"use client";
import { Segmented, Switch } from "antd";
import { useState, type ReactNode } from "react";
import type { Chilled, Chilling } from "@/core/cooking";
import { COOLING_RULES, type CoolingRuleId } from "@/core/safety";
import { findSpecies } from "@/core/species";
import { durationText } from "@/words/format/format";
import { useHouse } from "@/ui/hooks/HouseContext";
import page from "@/ui/layout/page.module.css";
import { Source } from "@/ui/layout/Source";
import { PracticeLine } from "@/ui/layout/PracticeLine";
import { SpeciesSearch } from "@/ui/form/SpeciesSearch";
import { QuantityField } from "@/ui/form/QuantityField";
import { useChill } from "@/workers/client/useSheet";
import styles from "../Stove.module.css";
import { PageHead } from "@/ui/layout/PageHead";
import { t } from "@/words/stove";
import { PotInIce } from "./PotInIce";

const VERDICTS: Readonly<Record<Chilling["verdict"]["verdict"], string>> = {
  pass: t("inTime"),
  fail: t("tooSlow"),
  incomplete: t("notThereIn14H"),
};

type What = "pot" | "flat" | "round";

/** What was cooked and is kept: how fast it cools in every way there is, judged before it is begun. */
export function ChillBench({ ruleId, nav }: { readonly ruleId: CoolingRuleId; readonly nav: ReactNode }) {
  const { format, ownSpecies } = useHouse();
  const [what, setWhat] = useState<What>("pot");
  const [speciesId, setSpeciesId] = useState("octopus");
  const [sizeMm, setSizeMm] = useState(60);
  const [fromC, setFromC] = useState(90);
  const [stirred, setStirred] = useState(false);
  const species = findSpecies(speciesId, ownSpecies)!;
  const chilled: Chilled =
    what === "pot"
      ? { kind: "liquid", depthMm: sizeMm, stirred }
      : {
          kind: "piece",
          composition: species.compositionPct,
          shape: what === "flat" ? { kind: "slab", thicknessMm: sizeMm } : { kind: "cylinder", diameterMm: sizeMm },
        };
  const { answer, working } = useChill({ chilled, fromC, ruleId });
  const passing = answer?.filter(({ verdict }) => verdict.verdict === "pass") ?? [];
  const best = passing.toSorted((a, b) => (b.to5Min ?? 0) - (a.to5Min ?? 0))[0];
  const rule = COOLING_RULES[ruleId];
  const time = (minutes: number | null) => (minutes === null ? t("over14H") : durationText(Math.round(minutes) * 60));
  return (
    <>
      <PageHead
        title={
          !answer
            ? t("workingOutHowItCools")
            : best
              ? t("labelColdInTo5", { label: best.way.label, to5: time(best.to5Min) })
              : t("noneOfTheseWaysIsFast")
        }
        asks={t("coolItByTheRuleOr")}
      />
      {nav}
      <div className={page.wideRight}>
        <section className={`${page.card} ${styles.inputs}`}>
          <div className={styles.full}>
            <Segmented<What>
              block
              value={what}
              onChange={setWhat}
              options={[
                { value: "pot", label: t("liquid") },
                { value: "flat", label: t("flat") },
                { value: "round", label: t("round") },
              ]}
            />
          </div>
          {what === "pot" ? null : (
            <label className={styles.full} htmlFor="chill-species">
              {t("animal")}
              <SpeciesSearch id="chill-species" value={speciesId} onChange={setSpeciesId} />
            </label>
          )}
          <QuantityField
            label={what === "pot" ? t("depth") : what === "flat" ? t("thickness") : t("across")}
            kind="length"
            value={sizeMm}
            min={5}
            max={300}
            onChange={setSizeMm}
          />
          <QuantityField label={t("hotFrom")} kind="temperature" value={fromC} min={30} max={100} onChange={setFromC} />
          {what === "pot" ? (
            <span className={styles.switch}>
              <span id="stirred-label">{t("stirredWhileItCools")}</span>
              <Switch checked={stirred} onChange={setStirred} aria-labelledby="stirred-label" />
            </span>
          ) : null}
        </section>
        <section className={`${page.card} ${styles.wide}`} aria-busy={working} data-testid="chilling">
          <h2>{rule.label}</h2>
          <table className={styles.compare}>
            <thead>
              <tr>
                <th scope="col">{t("way")}</th>
                <th scope="col">{t("toTemperature", { temperature: format.temperature(21) })}</th>
                <th scope="col">{t("toTemperature", { temperature: format.temperature(5) })}</th>
                <th scope="col">{t("byTheRule")}</th>
                <th scope="col">{t("inTimeUpTo")}</th>
              </tr>
            </thead>
            <tbody>
              {answer ? null : (
                <tr className={styles.awaitedRows} data-of="chill">
                  <td colSpan={5} />
                </tr>
              )}
              {(answer ?? []).map(({ way, verdict, to21Min, to5Min, passesToMm }) => (
                <tr key={way.id} data-way={way.id}>
                  <th scope="row">
                    {way.label}, {format.temperature(way.ambientC, way.ambientC % 1 === 0 ? 0 : 1)}
                  </th>
                  <td className="figure">{time(to21Min)}</td>
                  <td className="figure">{time(to5Min)}</td>
                  <td>
                    <b className={verdict.verdict === "pass" ? page.good : page.stop}>
                      {verdict.verdict === "pass" ? "✓" : "✕"} {VERDICTS[verdict.verdict]}
                    </b>
                  </td>
                  <td className="figure">{passesToMm === null ? t("notThisWay") : format.length(passesToMm)}</td>
                </tr>
              ))}
            </tbody>
          </table>
          <details className={page.open}>
            <summary>{t("whereItComesFrom")}</summary>
            <p>
              <Source inline>{rule.source}</Source>
              {": "}
              {t("stagesTheWarmestPointThrough", {
                stages: rule.stages
                  .map(({ fromC: hotC, toC, limitMin }) =>
                    t("hotToToWithinLimit", {
                      hot: format.temperature(hotC),
                      to: format.temperature(toC),
                      limit: time(limitMin),
                    }),
                  )
                  .join(", "),
              })}
            </p>
          </details>
          <PracticeLine id="non-continuous" />
        </section>
        {what === "pot" ? (
          <>
            <span />
            <PotInIce ruleId={ruleId} fromC={fromC} />
          </>
        ) : null}
      </div>
    </>
  );
}
