"use client";
import { Button, InputNumber } from "antd";
import Link from "next/link";
import { useState } from "react";
import type { Check } from "@/core/raw";
import { dayText, timeText } from "@/ui/format";
import { useHouse } from "@/ui/HouseContext";
import page from "@/ui/page.module.css";
import { useTell } from "@/ui/useTell";
import styles from "../Raw.module.css";
import { noteLot } from "./actions";

const MARKS: Readonly<Record<Check["state"], string>> = {
  met: "M4 12l5 5 11-11",
  waiting: "M12 5v8l5 3",
  missing: "M9 9a3 3 0 1 1 4 3c-1 .5-1 1-1 2M12 18v.5",
  fails: "M6 6l12 12M18 6L6 18",
};

type Props = {
  readonly lotId: string;
  readonly checks: readonly Check[];
  readonly shellfish: boolean;
  readonly canFreeze: boolean;
};

/** Every fact the answer rests on, and the way to what is missing. */
export function Checks({ lotId, checks, shellfish, canFreeze }: Props) {
  const { format, timeZone } = useHouse();
  return (
    <ul className={styles.checks}>
      {checks.map(({ id, label, state, text, source, untilMs }) => (
        <li key={id} data-state={state} data-check={id}>
          <span className={styles.check}>
            <svg width="16" height="16" viewBox="0 0 24 24" role="img" aria-label={state}>
              <path
                d={MARKS[state]}
                fill="none"
                stroke="currentColor"
                strokeWidth="3"
                strokeLinecap="round"
                strokeLinejoin="round"
              />
            </svg>
          </span>
          <b>{label}</b>
          <p>
            {format.words(text)}
            {state !== "met" && untilMs !== undefined ? (
              <span className="figure">
                {" "}
                {dayText(untilMs, timeZone)} {timeText(untilMs, timeZone)}
              </span>
            ) : null}
            <br />
            <span className={page.source}>{format.words(source)}</span>
          </p>
          {state === "missing" || state === "waiting" ? (
            <div className={styles.act}>
              <Remedy id={id} lotId={lotId} shellfish={shellfish} canFreeze={canFreeze} />
            </div>
          ) : null}
        </li>
      ))}
    </ul>
  );
}

function Remedy({
  id,
  lotId,
  shellfish,
  canFreeze,
}: {
  readonly id: string;
  readonly lotId: string;
  readonly shellfish: boolean;
  readonly canFreeze: boolean;
}) {
  const { format } = useHouse();
  const tell = useTell();
  const [first, setFirst] = useState<number | null>(null);
  const [second, setSecond] = useState<number | null>(null);
  switch (id) {
    case "parasite":
      return shellfish ? (
        <>
          <Button
            onClick={() => tell(noteLot({ lotId, kind: "roe", amount: 0, outOf: null }), () => "Noted: bare muscle.")}
          >
            Bare muscle
          </Button>
          <Button onClick={() => tell(noteLot({ lotId, kind: "roe", amount: 1, outOf: null }), () => "Noted: roe on.")}>
            Roe on
          </Button>
        </>
      ) : (
        <>
          {canFreeze ? <Link href={`/raw/freeze?lot=${lotId}`}>Plan the freezing</Link> : null}
          <Link href={`/ice/${lotId}`}>Holds and papers of the lot</Link>
        </>
      );
    case "history":
      return (
        <>
          <InputNumber<number>
            aria-label={`Fish probed, ${format.degree}`}
            placeholder={`fish, ${format.degree}`}
            step={0.1}
            inputMode="decimal"
            value={first}
            onChange={setFirst}
          />
          <Button
            disabled={first === null}
            onClick={() =>
              tell(
                noteLot({ lotId, kind: "probed", amount: format.fromTemperature(first ?? 0), outOf: null }),
                () => "Noted.",
              )
            }
          >
            Note the probe
          </Button>
        </>
      );
    case "alive":
      return (
        <>
          <InputNumber<number>
            aria-label="Dead"
            placeholder="dead"
            min={0}
            precision={0}
            inputMode="numeric"
            value={first}
            onChange={setFirst}
          />
          <InputNumber<number>
            aria-label="Tapped"
            placeholder="tapped"
            min={1}
            precision={0}
            inputMode="numeric"
            value={second}
            onChange={setSecond}
          />
          <Button
            disabled={first === null || second === null}
            onClick={() => tell(noteLot({ lotId, kind: "tapped", amount: first, outOf: second }), () => "Noted.")}
          >
            Note the taps
          </Button>
          <Button
            onClick={() =>
              tell(noteLot({ lotId, kind: "opened", amount: 1, outOf: null }), () => "Opened now, and noted.")
            }
          >
            Opened just now
          </Button>
        </>
      );
    case "vibrio":
      return (
        <>
          <InputNumber<number>
            aria-label={`Water at harvest, ${format.degree}`}
            placeholder={`water, ${format.degree}`}
            inputMode="decimal"
            value={first}
            onChange={setFirst}
          />
          <Button
            disabled={first === null}
            onClick={() =>
              tell(
                noteLot({ lotId, kind: "water", amount: format.fromTemperature(first ?? 0), outOf: null }),
                () => "Noted.",
              )
            }
          >
            Note the water
          </Button>
        </>
      );
    case "state":
      return <Link href={`/ice/${lotId}`}>Thaw it at Ice</Link>;
    default:
      return null;
  }
}
