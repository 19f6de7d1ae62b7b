"use client";
import Link from "next/link";
import { useState } from "react";
import { PlainButton } from "@/ui/form/PlainButton";
import { TextInput } from "@/ui/form/TextInput";
import { useAct } from "@/ui/hooks/useAct";
import page from "@/ui/layout/page.module.css";
import { correct } from "./actions";
import styles from "./Book.module.css";
import type { LedgerLine } from "./lineOf";
import { t } from "@/words/book";

const LEAST_LETTERS = 3;

/** What an opened entry offers: its seal, the way to what it is about, and a correction that is added after it. */
export function EntryActions({ line: { seq, hash, lotId, cookId, correctsSeq } }: { readonly line: LedgerLine }) {
  const { act, busy } = useAct();
  const [note, setNote] = useState<string | null>(null);
  const save = async () => {
    if (await act(correct, { seq, note }, () => t("correctionIsAdded"))) setNote(null);
  };
  return (
    <div className={styles.opened}>
      <p className={page.source}>
        {t("noAndSeal", { seq, hash })}
        {correctsSeq === null ? "" : ` ${t("correctsEntry", { seq: correctsSeq })}`}
      </p>
      <p className={page.line}>
        {lotId ? <Link href={`/book/lot/${lotId}`}>{t("traceTheLot")}</Link> : null}
        {cookId ? <Link href={`/stove/cook/${cookId}`}>{t("theCook")}</Link> : null}
        {note === null ? (
          <PlainButton onClick={() => setNote("")} aria-label={t("correctEntrySeq", { seq })}>
            {t("correct")}
          </PlainButton>
        ) : null}
      </p>
      {note === null ? null : (
        <>
          <label className={page.labelled}>
            {t("whatIsTrueInstead")}
            <TextInput value={note} maxLength={500} onChange={({ target }) => setNote(target.value)} />
          </label>
          <p className={page.sub}>{t("theEntryStaysAsItIs")}</p>
          <p className={page.line}>
            <PlainButton
              look="strong"
              busy={busy}
              disabled={note.trim().length < LEAST_LETTERS}
              onClick={() => void save()}
            >
              {t("addTheCorrection")}
            </PlainButton>
            <PlainButton onClick={() => setNote(null)}>{t("leaveIt")}</PlainButton>
          </p>
        </>
      )}
    </div>
  );
}
