"use client";
import type { Check } from "@/core/raw";
import { dayText, timeText } from "@/words/format/format";
import { useHouse } from "@/ui/hooks/HouseContext";
import styles from "../Raw.module.css";
import { Remedy, type RemedyFacts } from "./Remedy";
import { say } from "@/words/say";
import { Source } from "@/ui/layout/Source";

const MARKS: Readonly<Record<Check["state"], string>> = {
  met: "M4 12l5 5 11-11",
  waiting: "M12 5v8l5 3",
  missing: "M9 9a3 3 0 1 1 4 3c-1 .5-1 1-1 2M12 18v.5",
  fails: "M6 6l12 12M18 6L6 18",
};

type Props = {
  readonly lotId: string;
  readonly checks: readonly Check[];
  readonly remedies: Omit<RemedyFacts, "lotId">;
};

/** Every fact the answer rests on, and the way to what is missing. */
export function Checks({ lotId, checks, remedies }: Props) {
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
            {say(text, format)}
            {state !== "met" && untilMs !== undefined ? (
              <span className="figure">
                {" "}
                {dayText(untilMs, timeZone)} {timeText(untilMs, timeZone)}
              </span>
            ) : null}
            <br />
            <Source inline>{say(source, format)}</Source>
          </p>
          {state === "missing" || state === "waiting" ? (
            <div className={styles.act}>
              <Remedy id={id} lotId={lotId} {...remedies} />
            </div>
          ) : null}
        </li>
      ))}
    </ul>
  );
}
