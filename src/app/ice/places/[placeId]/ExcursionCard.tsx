"use client";
import { Button, Input } from "antd";
import Link from "next/link";
import { useState } from "react";
import { HISTAMINE_EXPOSURE } from "@/core/safety";
import type { PlaceWatch, TouchedLot } from "@/db/lots/excursions";
import { dayText, hoursText, timeText } from "@/words/format/format";
import { useHouse } from "@/ui/hooks/HouseContext";
import { useAct } from "@/ui/hooks/useAct";
import page from "@/ui/layout/page.module.css";
import styles from "../../Ice.module.css";
import { answerTheExcursion } from "../actions";
import { t } from "@/words/ice";
import { Source } from "@/ui/layout/Source";

type Props = {
  readonly placeId: string;
  readonly excursion: PlaceWatch["excursions"][number];
  readonly touched: readonly TouchedLot[];
};

const USUAL = [t("doorWasOpenClosedItProbed"), t("movedEverythingToAnotherPlace"), t("calledTheEngineer")] as const;

/** A stretch outside the limits: what lay there, what each lot lost, what the histamine rule says, and what was done. */
export function ExcursionCard({ placeId, excursion, touched }: Props) {
  const { format, timeZone } = useHouse();
  const { act, busy } = useAct();
  const [action, setAction] = useState("");
  const when = (atMs: number) => `${dayText(atMs, timeZone)} ${timeText(atMs, timeZone)}`;
  const save = async () => {
    const saved = await act(answerTheExcursion, { placeId, excursionFromMs: excursion.fromMs, action }, () =>
      t("inTheBookWithEveryLot"),
    );
    if (saved) setAction("");
  };
  const answered = excursion.answers.length > 0;
  return (
    <section
      className={`${page.card} ${styles.excursion}`}
      data-answered={answered || undefined}
      aria-label={t("excursionFrom", { from: when(excursion.fromMs) })}
    >
      <h2>
        {t.rich("valueExtremeAgainstLimit", {
          value: excursion.side === "warm" ? t("warm") : t("tooCold"),
          extreme: format.temperature(excursion.extremeC, 1),
          limit: format.temperature(excursion.limitC, 1),
          span: (words) => <span className="muted">{words}</span>,
        })}
      </h2>
      <p>
        {when(excursion.fromMs)} {excursion.open ? t("andStillGoingOn") : t("toTo", { to: when(excursion.toMs) })},{" "}
        <span data-testid="excursion-hours">{hoursText((excursion.toMs - excursion.fromMs) / 3_600_000)}</span>.
      </p>
      {excursion.side === "warm" && touched.length === 0 ? <p className="muted">{t("noLotLayThere")}</p> : null}
      {touched.length > 0 ? (
        <table className={styles.touched}>
          <thead>
            <tr>
              <th scope="col">{t("lot")}</th>
              <th scope="col">{t("there")}</th>
              <th scope="col">{t("lifeLost")}</th>
              <th scope="col">{t("histamineRule")}</th>
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
                    <span className="muted">{t("doesNotApply")}</span>
                  ) : effect.histamine.ok ? (
                    t("withinItHoursAboveOfLimitHH", {
                      hoursAbove: hoursText(effect.histamine.hoursAbove),
                      limitH: effect.histamine.limitH,
                      above: format.temperature(HISTAMINE_EXPOSURE.aboveC, 1),
                    })
                  ) : (
                    <b className={page.stop}>
                      {t("overHoursAboveOfLimitHHThrow", {
                        hoursAbove: hoursText(effect.histamine.hoursAbove),
                        limitH: effect.histamine.limitH,
                      })}
                    </b>
                  )}
                </td>
              </tr>
            ))}
          </tbody>
        </table>
      ) : null}
      {touched.some(({ effect }) => effect.histamine) ? (
        <Source>
          {touched.find(({ effect }) => effect.histamine)?.effect.histamine?.source}
          {t("hoursBeforeTheDoorAreNot")}
        </Source>
      ) : null}
      {excursion.answers.map((answer) => (
        <p key={answer.id}>
          {t.rich("doneActionWhoAt", {
            b: (words) => <b>{words}</b>,
            action: answer.action,
            who: answer.who,
            at: when(answer.atMs),
            span: (words) => <span className={page.sub}>{words}</span>,
          })}
        </p>
      ))}
      <div className={styles.answer}>
        <Input.TextArea
          aria-label={t("whatWasDone")}
          placeholder={answered ? t("anythingMoreThatWasDone") : t("whatWasDoneAboutIt")}
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
          {t("writeItDown")}
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
