"use client";
import { Alert, Button } from "antd";
import { FileButton } from "@/ui/form/FileButton";
import { useMessage } from "@/ui/layout/Messages";
import { useRouter } from "next/navigation";
import { useState } from "react";
import { dayText, timeText } from "@/words/format/format";
import { askOnce, UNANSWERED } from "@/ui/hooks/askOnce";
import { useHouse } from "@/ui/hooks/HouseContext";
import page from "@/ui/layout/page.module.css";
import { readLogger, type LoggerAnswer } from "../actions";
import { t } from "@/words/ice";
import { say } from "@/words/say";

const ORDER_WORDS: Readonly<Record<string, string>> = { ymd: t("yearFirst"), dmy: t("dayFirst"), mdy: t("monthFirst") };

/** A year of a logger, sent over a kitchen's network and read in its thread. */
const READ_WITHIN_MS = 60_000;

/** Reads a logger's file: shows what it holds, names every bad line, and keeps all of it or its good rows. */
export function LoggerImport({ placeId }: { readonly placeId: string }) {
  const { format, timeZone } = useHouse();
  const message = useMessage();
  const router = useRouter();
  const [text, setText] = useState<string | null>(null);
  const [answer, setAnswer] = useState<LoggerAnswer | null>(null);
  const [problem, setProblem] = useState<string | null>(null);
  const [busy, setBusy] = useState(false);

  const ask = async (content: string, keep: boolean, goodOnly: boolean) => {
    setBusy(true);
    setProblem(null);
    const read = await askOnce(readLogger, { placeId, text: content, keep, goodOnly }, READ_WITHIN_MS);
    setBusy(false);
    if (!read) return setProblem(UNANSWERED);
    if (!read.ok) return setProblem(read.error.message);
    setAnswer(read.value);
    if (read.value.kept) {
      message.success(
        t("addedReadingsCameInValue", {
          added: read.value.added,
          value: read.value.known > 0 ? t("knownWereThereAlready", { known: read.value.known }) : "",
        }),
      );
      setText(null);
      router.refresh();
    }
  };
  const when = (atMs: number) => `${dayText(atMs, timeZone)} ${timeText(atMs, timeZone)}`;
  return (
    <>
      <FileButton
        accept=".csv,.txt,.tsv"
        onFile={(file) => {
          void file.text().then((content) => {
            setText(content);
            setAnswer(null);
            void ask(content, false, false);
          });
        }}
        loading={busy}
      >
        {t("chooseACsvFile")}
      </FileButton>
      <p className={`${page.source} ${page.above}`}>{t("timeAndTemperatureInAnyOrder")}</p>
      {busy && text !== null ? (
        <p role="status">{t("readingTheFile", { size: format.number(text.length / 1_000_000, 1) })}</p>
      ) : null}
      {problem ? <Alert type="error" showIcon title={problem} /> : null}
      {answer ? (
        <div data-testid="logger">
          <p>
            {t.rich("rowsReadingsFromToToIn", {
              rows: answer.rows,
              b: (words) => <b>{words}</b>,
              from: when(answer.fromMs),
              to: when(answer.toMs),
              unit: answer.unit,
              order: ORDER_WORDS[answer.dateOrder] ?? answer.dateOrder,
              value: answer.duplicates > 0 ? t("duplicatesTwice", { duplicates: answer.duplicates }) : "",
              value2: answer.outOfOrder > 0 ? t("outOfOrderOutOfOrder", { outOfOrder: answer.outOfOrder }) : "",
            })}
          </p>
          {answer.problems.length > 0 ? (
            <ul>
              {answer.problems.map(({ line, reason, text: row }) => (
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
          {text !== null ? (
            <p className={page.line}>
              <Button type="primary" loading={busy} onClick={() => ask(text, true, true)}>
                {answer.problems.length > 0
                  ? t("takeTheRowsGoodRows", { rows: answer.rows })
                  : t("takeAllRows", { rows: answer.rows })}
              </Button>
              <Button
                onClick={() => {
                  setText(null);
                  setAnswer(null);
                }}
              >
                {t("takeNone")}
              </Button>
            </p>
          ) : null}
        </div>
      ) : null}
    </>
  );
}
