"use client";
import { Alert } from "antd";
import { keyOfSaid } from "@/core/shared";
import { bindingOf, planSauce, type SauceSpec, type Shelf } from "@/core/butter";
import { stoveOf } from "@/house/stove/panBody";
import { usualStove } from "@/house/butter/tonight";
import { useHouse } from "@/ui/hooks/HouseContext";
import page from "@/ui/layout/page.module.css";
import { durationText } from "@/words/format/format";
import { say } from "@/words/say";
import { sentence } from "@/words/sentence";
import { t } from "@/words/shelf";
import styles from "../Butter.module.css";
import { STATE_WORDS } from "../labels";

/** What a sauce gives as it is written: a cover, its minutes, whether it holds and why. */
export function WhatItGives({ spec, shelf }: { readonly spec: SauceSpec; readonly shelf: Shelf }) {
  const { format } = useHouse();
  const plan = planSauce(spec, spec.covers, stoveOf(usualStove(spec.covers)), shelf);
  if (!plan.ok) {
    return <Alert type="error" showIcon title={`${sentence(say(plan.error, format))}.`} />;
  }
  const { sauce, covers, reduction } = plan.value.batch;
  const empty = sauce.massG <= 0;
  if (empty) return <Alert type="info" showIcon title={t("somethingHasToGoIn")} />;
  const { bound } = bindingOf([...spec.base, ...spec.mount], shelf);
  return (
    <section className={page.card} data-testid="gives">
      <span className={styles.tag} data-state={sauce.state === "holds" ? "good" : "bad"}>
        {STATE_WORDS[sauce.state]}
      </span>
      <p className={page.big}>{t("aCover", { mass: format.mass(sauce.massG / covers) })}</p>
      {reduction ? (
        <p>{t("baseTakesTime", { time: durationText(reduction.secondsToBoil + reduction.secondsReducing) })}</p>
      ) : null}
      <ul className={styles.because}>
        {sauce.because.map((why) => (
          <li key={keyOfSaid(why)}>{sentence(say(why, format))}</li>
        ))}
        {bound === "not" ? <li>{t("nothingBindsIt")}</li> : null}
      </ul>
    </section>
  );
}
