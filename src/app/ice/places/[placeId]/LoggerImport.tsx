"use client";
import { Alert, Button } from "antd";
import { useState } from "react";
import { FileButton } from "@/ui/form/FileButton";
import { askOnce } from "@/ui/hooks/askOnce";
import { useHouse } from "@/ui/hooks/HouseContext";
import { useMessage } from "@/ui/layout/Messages";
import page from "@/ui/layout/page.module.css";
import { Progress } from "@/ui/layout/Progress";
import { useRefresh } from "@/ui/reach/useRefresh";
import { dayText, timeText } from "@/words/format/format";
import { t } from "@/words/ice";
import { say } from "@/words/say";
import { sentence } from "@/words/sentence";
import { useLoggerFile } from "@/workers/client/useLoggerFile";
import type { LoggerSummary } from "@/workers/logger.worker";
import { takeReadings } from "../actions";
import { PART_READINGS } from "../loggerPart";

const LARGEST_BYTES = 20_000_000;

/** A logger's file: read here, shown with every bad line, then kept part by part; either can be stopped. */
export function LoggerImport({ placeId }: { readonly placeId: string }) {
  const { format, timeZone } = useHouse();
  const message = useMessage();
  const refresh = useRefresh();
  const { state, read, keep, stop } = useLoggerFile(PART_READINGS);
  const [problem, setProblem] = useState<string | null>(null);
  const busy = state.at === "reading" || state.at === "keeping";

  const open = (file: File) => {
    setProblem(file.size > LARGEST_BYTES ? t("over20MbSplitTheFile") : null);
    if (file.size <= LARGEST_BYTES) void read(file, timeZone, Date.now());
  };
  const take = async (summary: LoggerSummary) => {
    setProblem(null);
    const told: { why?: string } = {};
    const { added, given, whole } = await keep(summary, async (columns) => {
      const answer = await askOnce(takeReadings, { placeId, ...columns });
      if (answer && !answer.ok) told.why = answer.error.message;
      return answer?.ok ? answer.value : null;
    });
    if (whole) message.success(addedWords(added, given));
    // what came in before it stopped stays: the same file again brings only the rest
    else setProblem(`${told.why ?? t("keepingStopped")} ${t("keptSoFar", { given, rows: summary.rows })}`);
    refresh();
  };
  return (
    <>
      <FileButton accept=".csv,.txt,.tsv" onFile={open} loading={busy}>
        {t("chooseACsvFile")}
      </FileButton>
      <p className={`${page.source} ${page.above}`}>{t("timeAndTemperatureInAnyOrder")}</p>
      {state.at === "reading" ? (
        <Progress label={t("readingTheFile")} share={state.share} onStop={stop} />
      ) : state.at === "keeping" ? (
        <Progress
          label={t("keepingTheReadings", { kept: state.kept, rows: state.summary.rows })}
          share={state.kept / state.summary.rows}
          onStop={stop}
        />
      ) : null}
      {problem ? <Alert type="error" showIcon title={problem} /> : null}
      {state.at === "nothing" && state.problem ? (
        <Alert type="error" showIcon title={`${sentence(say(state.problem, format))}.`} />
      ) : null}
      {state.at === "read" ? (
        <div data-testid="logger">
          <Summary summary={state.summary} timeZone={timeZone} />
          <p className={page.line}>
            <Button type="primary" onClick={() => void take(state.summary)}>
              {state.summary.problems.length > 0
                ? t("takeTheRowsGoodRows", { rows: state.summary.rows })
                : t("takeAllRows", { rows: state.summary.rows })}
            </Button>
            <Button onClick={stop}>{t("takeNone")}</Button>
          </p>
        </div>
      ) : null}
    </>
  );
}

const addedWords = (added: number, given: number) =>
  t("addedReadingsCameInValue", {
    added,
    value: given > added ? t("knownWereThereAlready", { known: given - added }) : "",
  });

const ORDER_WORDS: Readonly<Record<string, string>> = { ymd: t("yearFirst"), dmy: t("dayFirst"), mdy: t("monthFirst") };

type SummaryProps = { readonly summary: LoggerSummary; readonly timeZone: string };

/** What the file holds, and the lines that cannot be read. */
function Summary({ summary, timeZone }: SummaryProps) {
  const { format } = useHouse();
  const when = (atMs: number) => `${dayText(atMs, timeZone)} ${timeText(atMs, timeZone)}`;
  return (
    <>
      <p>
        {t.rich("rowsReadingsFromToToIn", {
          rows: summary.rows,
          b: (words) => <b>{words}</b>,
          from: when(summary.fromMs),
          to: when(summary.toMs),
          unit: summary.unit,
          order: ORDER_WORDS[summary.dateOrder] ?? summary.dateOrder,
          value: summary.duplicates > 0 ? t("duplicatesTwice", { duplicates: summary.duplicates }) : "",
          value2: summary.outOfOrder > 0 ? t("outOfOrderOutOfOrder", { outOfOrder: summary.outOfOrder }) : "",
        })}
      </p>
      {summary.problems.length > 0 ? (
        <ul>
          {summary.problems.map(({ line, reason, text: row }) => (
            <li key={line}>
              {t.rich("lineLineReasonRow", {
                line,
                reason: say(reason, format),
                row,
                span: (words) => <span className={page.sub}>{words}</span>,
              })}
            </li>
          ))}
        </ul>
      ) : null}
    </>
  );
}
