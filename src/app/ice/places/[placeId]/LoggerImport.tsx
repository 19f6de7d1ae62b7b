"use client";
import { Alert, App, Button, Upload } from "antd";
import { useRouter } from "next/navigation";
import { useState } from "react";
import { dayText, timeText } from "@/ui/format/format";
import { askOnce, UNANSWERED } from "@/ui/hooks/askOnce";
import { useHouse } from "@/ui/hooks/HouseContext";
import page from "@/ui/layout/page.module.css";
import { readLogger, type LoggerAnswer } from "../actions";

const ORDER_WORDS: Readonly<Record<string, string>> = { ymd: "year first", dmy: "day first", mdy: "month first" };

/** Reads a logger's file: shows what it holds, names every bad line, and keeps all of it or its good rows. */
export function LoggerImport({ placeId }: { readonly placeId: string }) {
  const { timeZone } = useHouse();
  const { message } = App.useApp();
  const router = useRouter();
  const [text, setText] = useState<string | null>(null);
  const [answer, setAnswer] = useState<LoggerAnswer | null>(null);
  const [problem, setProblem] = useState<string | null>(null);
  const [busy, setBusy] = useState(false);

  const ask = async (content: string, keep: boolean, goodOnly: boolean) => {
    setBusy(true);
    setProblem(null);
    const read = await askOnce(readLogger, { placeId, text: content, keep, goodOnly }, 20_000);
    setBusy(false);
    if (!read) return setProblem(UNANSWERED);
    if (!read.ok) return setProblem(read.error.message);
    setAnswer(read.value);
    if (read.value.kept) {
      message.success(
        `${read.value.added} readings came in${read.value.known > 0 ? `, ${read.value.known} were there already` : ""}.`,
      );
      setText(null);
      router.refresh();
    }
  };
  const when = (atMs: number) => `${dayText(atMs, timeZone)} ${timeText(atMs, timeZone)}`;
  return (
    <>
      <Upload
        accept=".csv,.txt,.tsv"
        showUploadList={false}
        beforeUpload={(file) => {
          void file.text().then((content) => {
            setText(content);
            setAnswer(null);
            void ask(content, false, false);
          });
          return false;
        }}
      >
        <Button loading={busy}>Choose a CSV file</Button>
      </Upload>
      <p className={`${page.source} ${page.above}`}>
        Time and temperature in any order; comma, semicolon or tab; °C or °F; day or month first. Times without a zone
        are the house’s.
      </p>
      {problem ? <Alert type="error" showIcon title={problem} /> : null}
      {answer ? (
        <div data-testid="logger">
          <p>
            <b>{answer.rows} readings</b>, {when(answer.fromMs)} to {when(answer.toMs)}, in °{answer.unit},{" "}
            {ORDER_WORDS[answer.dateOrder]}
            {answer.duplicates > 0 ? `, ${answer.duplicates} twice` : ""}
            {answer.outOfOrder > 0 ? `, ${answer.outOfOrder} out of order` : ""}.
          </p>
          {answer.problems.length > 0 ? (
            <ul>
              {answer.problems.map(({ line, reason, text: row }) => (
                <li key={line}>
                  Line {line}: {reason} <span className={page.sub}>{row}</span>
                </li>
              ))}
            </ul>
          ) : null}
          {text !== null ? (
            <p className={page.line}>
              <Button type="primary" loading={busy} onClick={() => ask(text, true, true)}>
                {answer.problems.length > 0 ? `Take the ${answer.rows} good rows` : `Take all ${answer.rows}`}
              </Button>
              <Button
                onClick={() => {
                  setText(null);
                  setAnswer(null);
                }}
              >
                Take none
              </Button>
            </p>
          ) : null}
        </div>
      ) : null}
    </>
  );
}
