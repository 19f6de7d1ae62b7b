"use client";
import Link from "next/link";
import { planStock, potClock } from "@/core/butter";
import { MINUTE_MS } from "@/core/units";
import type { LiveReduction } from "@/db/butter/reductions";
import type { RunningPot } from "@/db/butter/stocks";
import { clockAt, panExpects, wayDown, type FilledPan } from "@/house/butter/panClock";
import { useHouse } from "@/ui/hooks/HouseContext";
import { useNow } from "@/ui/hooks/useNow";
import page from "@/ui/layout/page.module.css";
import { t } from "@/words/fire";
import { clockText } from "@/words/format/format";
import styles from "./Butter.module.css";
import { potWord } from "./potWord";
import { SeePan } from "./SeePan";

export type OnTheFire = {
  readonly reductions: readonly (LiveReduction & { readonly filled: FilledPan })[];
  readonly pots: readonly RunningPot[];
};

/** Reductions and pots of stock on the fire, with the clock of each; a pan that is weighed or measured moves its own. */
export function FireRows({ reductions, pots, serverNowMs }: OnTheFire & { readonly serverNowMs: number }) {
  const nowMs = useNow(serverNowMs);
  if (reductions.length + pots.length === 0) return null;
  return (
    <section className={page.card} data-testid="fire">
      <h2>{t("onTheFire")}</h2>
      <ul className={page.rows}>
        {reductions.map((live) => (
          <ReductionRow key={live.id} live={live} nowMs={nowMs} />
        ))}
        {pots.map((pot) => (
          <PotRow key={pot.id} pot={pot} nowMs={nowMs} />
        ))}
      </ul>
    </section>
  );
}

type ReductionProps = { readonly live: OnTheFire["reductions"][number]; readonly nowMs: number };

function ReductionRow({ live: { id, startedAtMs, facts, filled }, nowMs }: ReductionProps) {
  const { format } = useHouse();
  const model = wayDown(filled);
  if (!model) return null;
  const { phase, nowMl, by, secondsLeft } = clockAt(model, facts, Math.max(0, (nowMs - startedAtMs) / 1000));
  const over = phase === "over";
  return (
    <li data-reduction={id}>
      <div className={page.row}>
        <span className={styles.tag} data-state={over ? "bad" : "good"}>
          {over ? t("takeItOff") : phase === "heating" ? t("heating") : t("reducingNow")}
        </span>
        <span className={page.grow}>
          <span className={page.title}>{facts.name}</span>
          <br />
          <span className={page.sub}>
            {t("standsAtOf", { now: format.volume(nowMl), to: format.volume(facts.toMl), by })}
          </span>
        </span>
        <b className={page.big} role="timer">
          {clockText(secondsLeft)}
        </b>
      </div>
      <SeePan id={id} weighed={facts.panG !== null} over={over} expects={panExpects(facts, nowMl)} />
    </li>
  );
}

function PotRow({ pot, nowMs }: { readonly pot: RunningPot; readonly nowMs: number }) {
  const { format } = useHouse();
  const clock = potClock(planStock(pot.ask), pot.ask.simmerMin, (nowMs - pot.startedAtMs) / MINUTE_MS);
  const { word, state } = potWord(clock);
  return (
    <li>
      <Link href="/butter/stock" className={page.row}>
        <span className={styles.tag} data-state={state}>
          {word}
        </span>
        <span className={page.grow}>
          <span className={page.title}>
            {t("bonesIn", { mass: format.mass(pot.ask.bonesG), water: format.volume(pot.ask.waterMl) })}
          </span>
        </span>
        <b className={page.big} role="timer">
          {clockText(clock.strainInMin * 60)}
        </b>
      </Link>
    </li>
  );
}
