"use client";
import { Button, Switch } from "antd";
import { useState } from "react";
import { planStock, potClock } from "@/core/butter";
import { MINUTE_MS } from "@/core/units";
import type { RunningPot } from "@/db/butter/stocks";
import { Field } from "@/ui/form/Field";
import { NumberFields, type FigureSpec } from "@/ui/form/NumberFields";
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

const CAME_OUT: readonly FigureSpec<{ readonly yieldMl: number; readonly iceG: number }>[] = [
  { of: "yieldMl", label: t("cameOutMl"), kind: "volume", min: 1, max: 50_000 },
  { of: "iceG", label: t("iceInTheBath"), kind: "mass", min: 0, max: 50_000, step: 100 },
];

function Pot({ pot, nowMs }: { readonly pot: RunningPot; readonly nowMs: number }) {
  const { format } = useHouse();
  const { act, busy } = useAct();
  const plan = planStock(pot.ask);
  const clock = potClock(plan, pot.ask.simmerMin, (nowMs - pot.startedAtMs) / MINUTE_MS);
  const { nextSkimInMin, strainInMin } = clock;
  const { word, state } = potWord(clock);
  const [came, setCame] = useState({
    yieldMl: Math.round(plan.yieldMl),
    iceG: Math.round(plan.yieldMl / 100) * 100 + 100,
  });
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
        <NumberFields
          value={came}
          fields={CAME_OUT}
          onChange={(part) => setCame((before) => ({ ...before, ...part }))}
        />
        <Field label={t("stirredWhileItCools")}>
          {(id) => <Switch id={id} checked={stirred} onChange={setStirred} />}
        </Field>
        <Button
          type={clock.phase === "over" ? "primary" : "default"}
          size="large"
          loading={busy}
          onClick={() =>
            void act(strainPot, { makeId: pot.id, ...came, stirred }, (code) => t("stockIsKept", { code }))
          }
        >
          {t("strainedAndChilled")}
        </Button>
      </div>
    </li>
  );
}
