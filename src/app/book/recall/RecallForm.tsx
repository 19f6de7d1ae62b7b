"use client";
import { Button } from "antd";
import { useState } from "react";
import { Choice } from "@/ui/form/Choice";
import { TextInput } from "@/ui/form/TextInput";
import { useAct } from "@/ui/hooks/useAct";
import page from "@/ui/layout/page.module.css";
import { t } from "@/words/trace";
import { runRecall } from "./actions";
import { useGo } from "@/ui/reach/useGo";

const KINDS = [
  { value: "drill", label: t("itIsADrill") },
  { value: "real", label: t("itIsReal") },
];

/** What is recalled, typed as it is printed: what is found is shown, and that it was looked for is written. */
export function RecallForm({ asked, whole }: { readonly asked: string; readonly whole: boolean }) {
  const { act, busy } = useAct();
  const go = useGo();
  const [text, setText] = useState(asked);
  const [kind, setKind] = useState("drill");
  const run = async () => {
    const done = await act(
      runRecall,
      { asked: text, whole: whole && text === asked, real: kind === "real" },
      (tookMs) => t("itIsWrittenInTheBook", { seconds: tookMs / 1000 }),
    );
    if (done) go(`/book/recall?q=${encodeURIComponent(text.trim())}${whole && text === asked ? "&all=1" : ""}`);
  };
  return (
    <form
      className={`${page.line} ${page.screenOnly}`}
      onSubmit={(event) => {
        event.preventDefault();
        void run();
      }}
    >
      <label className={`${page.labelled} ${page.grow}`}>
        {t("whatIsRecalled")}
        <TextInput value={text} maxLength={120} onChange={({ target }) => setText(target.value)} />
      </label>
      <label className={page.labelled}>
        {t("drillOrReal")}
        <Choice value={kind} options={KINDS} onChange={setKind} />
      </label>
      <Button type="primary" size="large" htmlType="submit" loading={busy} disabled={text.trim() === ""}>
        {t("findAndWriteItDown")}
      </Button>
    </form>
  );
}
