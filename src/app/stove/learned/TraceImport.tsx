"use client";
import { Button, Select } from "antd";
import { TextLines } from "@/ui/form/TextLines";
import { FileButton } from "@/ui/form/FileButton";
import { useState } from "react";
import page from "@/ui/layout/page.module.css";
import { useAct } from "@/ui/hooks/useAct";
import { importTrace } from "./actions";
import { t } from "@/words/stove-plan";
import { Source } from "@/ui/layout/Source";
import { Empty } from "@/ui/layout/Empty";

type Props = { readonly cooks: readonly { readonly id: string; readonly title: string }[] };

/** Brings a logger's trace to the cook it was taken in. */
export function TraceImport({ cooks }: Props) {
  const { act } = useAct();
  const [cookId, setCookId] = useState<string | null>(null);
  const [text, setText] = useState("");
  if (cooks.length === 0) return <Empty>{t("noCookToBringItTo")}</Empty>;
  const bring = async () => {
    const done = await act(importTrace, { cookId, text }, (count) => t("countReadingsCameIn", { count }));
    if (done) setText("");
  };
  return (
    <div className={page.list}>
      <label className={page.labelled}>
        {t("cook")}
        <Select<string>
          value={cookId}
          placeholder={t("whichCook")}
          onChange={setCookId}
          options={cooks.map(({ id, title }) => ({ value: id, label: title }))}
        />
      </label>
      <FileButton accept=".csv,.txt" onFile={(chosen) => void chosen.text().then(setText)}>
        {t("chooseAFile")}
      </FileButton>
      <label className={page.labelled}>
        {t("orTheLinesThemselves")}
        <TextLines
          rows={6}
          value={text}
          placeholder={t("secondsC08260")}
          onChange={({ target }) => setText(target.value)}
        />
      </label>
      <Button disabled={cookId === null || text.trim() === ""} onClick={bring}>
        {t("bringThemIn")}
      </Button>
      <Source>{t("commaOrSemicolonSecondsMinutesOr")}</Source>
    </div>
  );
}
