"use client";
import { Button } from "antd";
import { HoldButton } from "@/ui/form/HoldButton";
import { NumberInput } from "@/ui/form/NumberInput";
import { useState } from "react";
import { hotHoldStatus, type HotHold, type HotHoldStatus } from "@/core/safety";
import { clockText, durationText, timeText } from "@/words/format/format";
import { useHouse } from "@/ui/hooks/HouseContext";
import page from "@/ui/layout/page.module.css";
import { HOLD_MOTIF } from "@/ui/sound/sound";
import { useAlarm } from "@/ui/sound/useAlarm";
import { useNow } from "@/ui/hooks/useNow";
import { useAct } from "@/ui/hooks/useAct";
import styles from "../Stove.module.css";
import { endHolding, noteHolding } from "./actions";
import { t } from "@/words/stove";

export type HeldDish = HotHold & { readonly id: string; readonly title: string; readonly place: string };

const left = (atMs: number, nowMs: number) => clockText(Math.max(0, (atMs - nowMs) / 1000));

function wordsOf(
  status: HotHoldStatus,
  nowMs: number,
  zone: string,
): { readonly clock: string; readonly says: string } {
  const { state, outAtMs, checkAtMs } = status;
  if (state === "over") return { clock: "out", says: t("itsTimeIsUpThrowIt") };
  if (state === "counting")
    return {
      clock: left(outAtMs!, nowMs),
      says: t("belowHotHoldingEatenByOutAt", { outAt: timeText(outAtMs!, zone) }),
    };
  return {
    clock: left(checkAtMs, nowMs),
    says: nowMs >= checkAtMs ? t("probeItNow") : t("hotNextReadingByCheckAt", { checkAt: timeText(checkAtMs, zone) }),
  };
}

/** What waits hot now: how long it may, and what to do about it. */
export function HotHolds({
  holds,
  serverNowMs,
}: {
  readonly holds: readonly HeldDish[];
  readonly serverNowMs: number;
}) {
  const { timeZone } = useHouse();
  const nowMs = useNow(serverNowMs);
  const shown = holds
    .map((hold) => ({ hold, status: hotHoldStatus(hold, nowMs) }))
    .sort((a, b) => (a.status.outAtMs ?? a.status.checkAtMs) - (b.status.outAtMs ?? b.status.checkAtMs));
  useAlarm(shown.some(({ status }) => status.due) ? [HOLD_MOTIF] : []);
  return (
    <ol className={styles.pans} data-testid="held-hot" aria-label={t("heldHotNow")}>
      {shown.map(({ hold, status }) => (
        <Held key={hold.id} hold={hold} status={status} words={wordsOf(status, nowMs, timeZone)} />
      ))}
    </ol>
  );
}

type HeldProps = {
  readonly hold: HeldDish;
  readonly status: HotHoldStatus;
  readonly words: { readonly clock: string; readonly says: string };
};

function Held({ hold, status, words }: HeldProps) {
  const { format, timeZone } = useHouse();
  const { act } = useAct();
  const [typed, setTyped] = useState<number | null>(null);
  const [busy, setBusy] = useState(false);
  const { id, title, place, startedAtMs } = hold;
  const note = async () => {
    if (typed === null) return;
    setBusy(true);
    const celsius = format.fromTemperature(typed);
    const noted = await act(noteHolding, { holdId: id, celsius }, () => t("notedInTheBook"));
    setBusy(false);
    if (noted) setTyped(null);
  };
  const end = async (as: "served" | "thrown-away") => {
    setBusy(true);
    await act(endHolding, { holdId: id, as }, () => t("inTheBook"));
    setBusy(false);
  };
  return (
    <li data-due={status.due || undefined} data-state={status.state}>
      <span className={styles.panClock} role="timer">
        {words.clock}
      </span>
      <span className={page.grow}>
        {t.rich("titlePlaceSinceStartedAt", {
          title,
          span: (words) => <span className={page.title}>{words}</span>,
          place: place.toLowerCase(),
          startedAt: timeText(startedAtMs, timeZone),
          span2: (words) => <span className={page.sub}>{words}</span>,
        })}
        <br />
        {words.says}
        {status.belowMin >= 1 ? t("belowBelowSoFar", { below: durationText(status.belowMin * 60) }) : ""}
      </span>
      <span className={styles.panProbe}>
        {t.rich("lastReadLast", { small: (words) => <small>{words}</small>, last: format.temperature(status.lastC) })}
      </span>
      <form
        className={styles.holdForm}
        onSubmit={(event) => {
          event.preventDefault();
          void note();
        }}
      >
        <NumberInput
          aria-label={t("readingOfTitleDegree", { title, degree: format.degree })}
          placeholder={format.degree}
          value={typed}
          step={0.1}
          min={format.toTemperature(-5)}
          max={format.toTemperature(110)}
          usual={[format.toTemperature(35), format.toTemperature(95)]}
          onChange={setTyped}
        />
        <Button htmlType="submit" disabled={busy || typed === null}>
          {t("note")}
        </Button>
        <Button type={status.state === "over" ? "default" : "primary"} disabled={busy} onClick={() => end("served")}>
          {t("served2")}
        </Button>
        <HoldButton danger disabled={busy} onConfirm={() => void end("thrown-away")}>
          {t("thrownAway")}
        </HoldButton>
      </form>
    </li>
  );
}
