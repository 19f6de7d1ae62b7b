"use client";
import { Button, Switch } from "antd";
import { useState } from "react";
import { planStock, potClock } from "@/core/butter";
import { MINUTE_MS } from "@/core/units";
import type { RunningPot } from "@/db/butter/stocks";
import { Field } from "@/ui/form/Field";
import { QuantityField } from "@/ui/form/QuantityField";
import { useHouse } from "@/ui/hooks/HouseContext";
import { useAct } from "@/ui/hooks/useAct";
import { useNow } from "@/ui/hooks/useNow";
import page from "@/ui/layout/page.module.css";
import { t } from "@/words/butter";
import { clockText } from "@/words/format/format";
import { strainPot } from "../actions";
import styles from "../Butter.module.css";
import { potWord } from "../potWord";

/** Pots on the fire: the next skim, when to strain, and straining into a lot. */
export function RunningPots({
  pots,
  serverNowMs,
}: {
  readonly pots: readonly RunningPot[];
  readonly serverNowMs: number;
}) {
  const nowMs = useNow(serverNowMs);
  return (
    <section className={page.card} data-testid="pots">
      <h2>{t("onTheFire")}</h2>
      <ul className={page.rows}>
        {pots.map((pot) => (
          <Pot key={pot.id} pot={pot} nowMs={nowMs} />
        ))}
      </ul>
    </section>
  );
}

function Pot({ pot, nowMs }: { readonly pot: RunningPot; readonly nowMs: number }) {
  const { format } = useHouse();
  const { act, busy } = useAct();
  const plan = planStock(pot.ask);
  const clock = potClock(plan, pot.ask.simmerMin, (nowMs - pot.startedAtMs) / MINUTE_MS);
  const { nextSkimInMin, strainInMin } = clock;
  const { word, state } = potWord(clock);
  const [yieldMl, setYieldMl] = useState(Math.round(plan.yieldMl));
  const [iceG, setIceG] = useState(Math.round(plan.yieldMl / 100) * 100 + 100);
  const [stirred, setStirred] = useState(true);
  return (
    <li>
      <div className={page.row}>
        <span className={styles.tag} data-state={state}>
          {word}
        </span>
        <span className={page.grow}>
          <span className={page.title}>
            {t("bonesIn", { mass: format.mass(pot.ask.bonesG), water: format.volume(pot.ask.waterMl) })}
          </span>
          <br />
          <span className={`${page.sub} figure`}>{pot.codes.join(", ")}</span>
        </span>
        <dl className={page.gauges}>
          {nextSkimInMin === null ? null : (
            <div>
              <dt>{t("nextSkim")}</dt>
              <dd>{clockText(nextSkimInMin * 60)}</dd>
            </div>
          )}
          <div>
            <dt>{t("strainIn")}</dt>
            <dd>{clockText(strainInMin * 60)}</dd>
          </div>
        </dl>
      </div>
      <div className={styles.closing}>
        <QuantityField
          label={t("cameOutMl")}
          kind="volume"
          value={yieldMl}
          min={1}
          max={50_000}
          onChange={setYieldMl}
        />
        <QuantityField
          label={t("iceInTheBath")}
          kind="mass"
          value={iceG}
          min={0}
          max={50_000}
          step={100}
          onChange={setIceG}
        />
        <Field label={t("stirredWhileItCools")}>
          {(id) => <Switch id={id} checked={stirred} onChange={setStirred} />}
        </Field>
        <Button
          type={clock.phase === "over" ? "primary" : "default"}
          size="large"
          loading={busy}
          onClick={() =>
            void act(strainPot, { makeId: pot.id, yieldMl, iceG, stirred }, (code) => t("stockIsKept", { code }))
          }
        >
          {t("strainedAndChilled")}
        </Button>
      </div>
    </li>
  );
}
