"use client";
import { Button, InputNumber } from "antd";
import { useState } from "react";
import { hotHoldStatus, type HotHold, type HotHoldStatus } from "@/core/safety";
import { clockText, durationText, timeText } from "@/ui/format/format";
import { useHouse } from "@/ui/hooks/HouseContext";
import page from "@/ui/layout/page.module.css";
import { useAlarm } from "@/ui/hooks/useAlarm";
import { useNow } from "@/ui/hooks/useNow";
import { useAct } from "@/ui/hooks/useAct";
import styles from "../Stove.module.css";
import { endHolding, noteHolding } from "./actions";

export type HeldDish = HotHold & { readonly id: string; readonly title: string; readonly place: string };

const left = (atMs: number, nowMs: number) => clockText(Math.max(0, (atMs - nowMs) / 1000));

function wordsOf(
  status: HotHoldStatus,
  nowMs: number,
  zone: string,
): { readonly clock: string; readonly says: string } {
  const { state, outAtMs, checkAtMs } = status;
  if (state === "over") return { clock: "out", says: "Its time is up: throw it away." };
  if (state === "counting")
    return { clock: left(outAtMs!, nowMs), says: `Below hot holding: eaten by ${timeText(outAtMs!, zone)}, or out.` };
  return {
    clock: left(checkAtMs, nowMs),
    says: nowMs >= checkAtMs ? "Probe it now." : `Hot; next reading by ${timeText(checkAtMs, zone)}.`,
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
  useAlarm(shown.some(({ status }) => status.due));
  return (
    <ol className={styles.pans} data-testid="held-hot" aria-label="Held hot now">
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
    const noted = await act(noteHolding, { holdId: id, celsius }, () => "Noted in the book.");
    setBusy(false);
    if (noted) setTyped(null);
  };
  const end = async (as: "served" | "thrown-away") => {
    setBusy(true);
    await act(endHolding, { holdId: id, as }, () => "In the book.");
    setBusy(false);
  };
  return (
    <li data-due={status.due || undefined} data-state={status.state}>
      <span className={styles.panClock} role="timer">
        {words.clock}
      </span>
      <span className={page.grow}>
        <span className={page.title}>{title}</span>{" "}
        <span className={page.sub}>
          {place.toLowerCase()}, since {timeText(startedAtMs, timeZone)}
        </span>
        <br />
        {words.says}
        {status.belowMin >= 1 ? ` ${durationText(status.belowMin * 60)} below so far.` : ""}
      </span>
      <span className={styles.panProbe}>
        <small>last read</small>
        {format.temperature(status.lastC)}
      </span>
      <form
        className={styles.holdForm}
        onSubmit={(event) => {
          event.preventDefault();
          void note();
        }}
      >
        <InputNumber<number>
          aria-label={`Reading of ${title}, ${format.degree}`}
          placeholder={format.degree}
          value={typed}
          step={0.1}
          inputMode="decimal"
          onChange={setTyped}
        />
        <Button htmlType="submit" disabled={busy || typed === null}>
          Note
        </Button>
        <Button type={status.state === "over" ? "default" : "primary"} disabled={busy} onClick={() => end("served")}>
          Served
        </Button>
        <Button danger disabled={busy} onClick={() => end("thrown-away")}>
          Thrown away
        </Button>
      </form>
    </li>
  );
}
