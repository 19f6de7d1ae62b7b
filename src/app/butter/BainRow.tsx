"use client";
import { Button } from "antd";
import { useState } from "react";
import type { Rescue } from "@/core/butter";
import type { BainStatus, SauceInBain } from "@/house/butter/tonight";
import { QuantityField } from "@/ui/form/QuantityField";
import { useHouse } from "@/ui/hooks/HouseContext";
import { useAct } from "@/ui/hooks/useAct";
import page from "@/ui/layout/page.module.css";
import { t } from "@/words/butter";
import { durationText, timeText } from "@/words/format/format";
import { say } from "@/words/say";
import { pourAway } from "./actions";
import styles from "./Butter.module.css";
import { additionLabel, STATE_WORDS } from "./labels";

type Props = {
  readonly sauce: SauceInBain;
  readonly status: BainStatus;
  readonly nowMs: number;
  readonly timeZone: string;
};

/** A sauce that waits: how it stands, what saves it, when it has to go, and pouring it away at close. */
export function BainRow({ sauce, status, timeZone }: Props) {
  const { format } = useHouse();
  const { act, busy } = useAct();
  const [closing, setClosing] = useState(false);
  const [leftG, setLeftG] = useState(Math.round(sauce.remainingG / 2));
  const { state, splitsInMin, rescue, outAtMs, over, minutes } = status;
  const bad = over || state !== "holds";
  const soon = !bad && splitsInMin !== null && splitsInMin <= 15;
  const rescueText = (way: Rescue) =>
    "add" in way
      ? t("whiskIn", { mass: format.mass(way.massG), what: additionLabel(way.add), why: say(way.why, format) })
      : t("bringTo", { heat: format.temperature(way.bringToC), why: say(way.why, format) });
  return (
    <li>
      <div className={page.row}>
        <span className={styles.tag} data-state={bad ? "bad" : soon ? "soon" : "good"}>
          {over ? t("timeIsUp") : STATE_WORDS[state]}
        </span>
        <span className={page.grow}>
          <span className={page.title}>{sauce.spec.name}</span>{" "}
          <span className={`${page.sub} figure`}>
            {sauce.code}, {format.mass(sauce.remainingG)}
          </span>
          <br />
          <span className={page.sub}>
            {t("mountedAgo", { time: durationText(minutes * 60), lid: sauce.mount.lid ? "yes" : "no" })}{" "}
            {over
              ? t("pourItAwayNow")
              : splitsInMin === null || bad
                ? ""
                : t("splitsInMinutes", { minutes: splitsInMin })}{" "}
            {rescue && !over ? rescueText(rescue) : ""}
          </span>
        </span>
        {outAtMs === null ? null : <span className="figure">{t("goneBy", { time: timeText(outAtMs, timeZone) })}</span>}
        <Button onClick={() => setClosing(!closing)} aria-expanded={closing}>
          {t("close")}
        </Button>
      </div>
      {closing ? (
        <div className={styles.closing}>
          <QuantityField
            label={t("leftAndPouredAway")}
            kind="mass"
            value={leftG}
            min={0}
            max={Math.ceil(sauce.remainingG)}
            onChange={setLeftG}
          />
          <Button
            type="primary"
            loading={busy}
            onClick={() =>
              void act(pourAway, { lotId: sauce.lotId, massG: leftG }, ({ pouredG, cents }) =>
                t("pouredAway", { mass: format.mass(pouredG), cost: format.money(cents) }),
              )
            }
          >
            {t("pourItAway")}
          </Button>
        </div>
      ) : null}
    </li>
  );
}
