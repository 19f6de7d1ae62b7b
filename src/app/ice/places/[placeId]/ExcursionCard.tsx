import type { TouchedLot, WatchedExcursion } from "@/db/lots/excursions";
import { dayText, hoursText, timeText, type Format } from "@/words/format/format";
import page from "@/ui/layout/page.module.css";
import styles from "../../Ice.module.css";
import { answerWords } from "../answerWords";
import { AnswerForm, type Elsewhere } from "./AnswerForm";
import { TouchedLots } from "./TouchedLots";
import { t } from "@/words/ice";

type Props = {
  readonly placeId: string;
  readonly excursion: WatchedExcursion;
  readonly touched: readonly TouchedLot[];
  readonly lotsThere: number;
  readonly elsewhere: readonly Elsewhere[];
  readonly nameOf: (placeId: string) => string;
  readonly format: Format;
  readonly timeZone: string;
};

/** A stretch outside the limits: what lay there, what each lot lost, what the histamine rule says, and what was done. */
export function ExcursionCard(props: Props) {
  const { placeId, excursion, touched, lotsThere, elsewhere, nameOf, format, timeZone } = props;
  const when = (atMs: number) => `${dayText(atMs, timeZone)} ${timeText(atMs, timeZone)}`;
  const over = touched.filter(({ lot, overHistamine }) => overHistamine && lot.status === "on-ice");
  return (
    <section
      className={`${page.card} ${styles.excursion}`}
      data-state={excursion.state}
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
      {touched.length > 0 ? <TouchedLots touched={touched} format={format} /> : null}
      {excursion.answers.map((answer) => (
        <p key={answer.id}>
          {t.rich("doneActionWhoAt", {
            b: (words) => <b>{words}</b>,
            action: answerWords(
              { ...answer, to: answer.toPlaceId === null ? null : nameOf(answer.toPlaceId), codes: [] },
              (celsius) => format.temperature(celsius, 1),
            ),
            who: answer.who,
            at: when(answer.atMs),
            span: (words) => <span className={page.sub}>{words}</span>,
          })}
        </p>
      ))}
      {excursion.open ? <p>{t("endsWithAReadingInside")}</p> : null}
      <AnswerForm
        placeId={placeId}
        excursionFromMs={excursion.fromMs}
        warm={excursion.side === "warm"}
        limitC={excursion.limitC}
        answered={excursion.state === "over" || excursion.state === "stillOut"}
        lotsThere={lotsThere}
        overThere={over.length}
        elsewhere={elsewhere}
      />
    </section>
  );
}
