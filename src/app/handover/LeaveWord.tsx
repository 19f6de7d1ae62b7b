"use client";
import { Button } from "antd";
import { useState } from "react";
import { useAct } from "@/ui/hooks/useAct";
import { TextLines } from "@/ui/form/TextLines";
import page from "@/ui/layout/page.module.css";
import { t } from "@/words/handover";
import { leaveWord } from "./actions";

/** Whoever goes writes down what the list does not know. */
export function LeaveWord() {
  const { act, busy } = useAct();
  const [note, setNote] = useState("");
  const leave = async () => {
    if (await act(leaveWord, { note }, () => t("itIsLeft"))) setNote("");
  };
  return (
    <section className={`${page.card} ${page.screenOnly}`}>
      <h2>{t("leaveAWord")}</h2>
      <label className={page.labelled}>
        {t("whatTheListDoesNotSay")}
        <TextLines
          rows={3}
          maxLength={600}
          placeholder={t("forExample")}
          value={note}
          onChange={({ target }) => setNote(target.value)}
        />
      </label>
      <p className={page.above}>
        <Button size="large" loading={busy} onClick={() => void leave()}>
          {t("leaveIt")}
        </Button>
      </p>
    </section>
  );
}
