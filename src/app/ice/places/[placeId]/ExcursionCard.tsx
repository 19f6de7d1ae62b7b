"use client";
import { Button, Input } from "antd";
import Link from "next/link";
import { useState } from "react";
import { HISTAMINE_EXPOSURE } from "@/core/safety";
import type { PlaceWatch, TouchedLot } from "@/db/lots/excursions";
import { dayText, hoursText, timeText } from "@/ui/format/format";
import { useHouse } from "@/ui/hooks/HouseContext";
import { useAct } from "@/ui/hooks/useAct";
import page from "@/ui/layout/page.module.css";
import styles from "../../Ice.module.css";
import { answerTheExcursion } from "../actions";

type Props = {
  readonly placeId: string;
  readonly excursion: PlaceWatch["excursions"][number];
  readonly touched: readonly TouchedLot[];
};

const USUAL = [
  "Door was open: closed it, probed the fish, cold enough",
  "Moved everything to another place",
  "Called the engineer",
] as const;

/** A stretch outside the limits: what lay there, what each lot lost, what the histamine rule says, and what was done. */
export function ExcursionCard({ placeId, excursion, touched }: Props) {
  const { format, timeZone } = useHouse();
  const { act, busy } = useAct();
  const [action, setAction] = useState("");
  const when = (atMs: number) => `${dayText(atMs, timeZone)} ${timeText(atMs, timeZone)}`;
  const save = async () => {
    const saved = await act(
      answerTheExcursion,
      { placeId, excursionFromMs: excursion.fromMs, action },
      () => "In the book, with every lot that lay there.",
    );
    if (saved) setAction("");
  };
  const answered = excursion.answers.length > 0;
  return (
    <section
      className={`${page.card} ${styles.excursion}`}
      data-answered={answered || undefined}
      aria-label={`Excursion ${when(excursion.fromMs)}`}
    >
      <h2>
        {excursion.side === "warm" ? "Warm" : "Too cold"}: {format.temperature(excursion.extremeC, 1)}{" "}
        <span className="muted">against {format.temperature(excursion.limitC, 1)}</span>
      </h2>
      <p>
        {when(excursion.fromMs)} {excursion.open ? "and still going on" : `to ${when(excursion.toMs)}`},{" "}
        <span data-testid="excursion-hours">{hoursText((excursion.toMs - excursion.fromMs) / 3_600_000)}</span>.
      </p>
      {excursion.side === "warm" && touched.length === 0 ? <p className="muted">No lot lay there.</p> : null}
      {touched.length > 0 ? (
        <table className={styles.touched}>
          <thead>
            <tr>
              <th scope="col">Lot</th>
              <th scope="col">There</th>
              <th scope="col">Life lost</th>
              <th scope="col">Histamine rule</th>
            </tr>
          </thead>
          <tbody>
            {touched.map(({ lot, title, effect }) => (
              <tr key={lot.id} data-lot={lot.code}>
                <td>
                  <Link href={`/ice/${lot.id}`}>
                    {title} <span className="figure">{lot.code}</span>
                  </Link>
                </td>
                <td className="figure">{hoursText(effect.hours)}</td>
                <td className="figure" data-testid="life-lost">
                  {hoursText(effect.lostIceDays * 24)}
                </td>
                <td>
                  {effect.histamine === null ? (
                    <span className="muted">does not apply</span>
                  ) : effect.histamine.ok ? (
                    `within it: ${hoursText(effect.histamine.hoursAbove)} of ${effect.histamine.limitH} h above ${format.temperature(HISTAMINE_EXPOSURE.aboveC, 1)} in the house`
                  ) : (
                    <b className={page.stop}>
                      Over: {hoursText(effect.histamine.hoursAbove)} of {effect.histamine.limitH} h. Throw it out; no
                      heat undoes it.
                    </b>
                  )}
                </td>
              </tr>
            ))}
          </tbody>
        </table>
      ) : null}
      {touched.some(({ effect }) => effect.histamine) ? (
        <p className={page.source}>
          {touched.find(({ effect }) => effect.histamine)?.effect.histamine?.source}. Hours before the door are not in
          it.
        </p>
      ) : null}
      {excursion.answers.map((answer) => (
        <p key={answer.id}>
          <b>Done:</b> {answer.action}{" "}
          <span className={page.sub}>
            {answer.who}, {when(answer.atMs)}
          </span>
        </p>
      ))}
      <div className={styles.answer}>
        <Input.TextArea
          aria-label="What was done"
          placeholder={answered ? "Anything more that was done" : "What was done about it"}
          autoSize={{ minRows: 1, maxRows: 4 }}
          value={action}
          maxLength={400}
          onChange={({ target }) => setAction(target.value)}
        />
        <Button
          type={answered ? "default" : "primary"}
          loading={busy}
          disabled={action.trim().length < 3}
          onClick={save}
        >
          Write it down
        </Button>
      </div>
      {answered ? null : (
        <p className={styles.usual}>
          {USUAL.map((words) => (
            <Button key={words} size="small" onClick={() => setAction(words)}>
              {words}
            </Button>
          ))}
        </p>
      )}
    </section>
  );
}
