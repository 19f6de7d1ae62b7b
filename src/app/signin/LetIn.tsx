"use client";
import { Alert, Button } from "antd";
import type { Route } from "next";
import { useRouter } from "next/navigation";
import { useState } from "react";
import type { Result } from "@/core/shared";
import { Asked } from "@/ui/form/Asked";
import { Field } from "@/ui/form/Field";
import { TextInput } from "@/ui/form/TextInput";
import page from "@/ui/layout/page.module.css";
import { t } from "@/words/doors";
import { openByPhrase, pairThisTablet } from "./actions";
import { answerWithin } from "@/ui/hooks/answerWithin";
import { UNANSWERED } from "@/ui/hooks/askOnce";
import { useRefresh } from "@/ui/reach/useRefresh";

/** A pass phrase takes its time on purpose; a house silent for so long does not answer, ms. */
const PHRASE_MS = 15_000;

/** A tablet nobody knows yet: the code of a chef lets it in, or the pass phrase. */
export function LetIn({ to }: { readonly to: string }) {
  const router = useRouter();
  const refresh = useRefresh();
  const [code, setCode] = useState("");
  const [phrase, setPhrase] = useState("");
  const [tablet, setTablet] = useState("");
  const [problem, setProblem] = useState<string | null>(null);
  const [busy, setBusy] = useState(false);
  const open = async (asked: Promise<Result<string, { readonly message: string }>>, next: string) => {
    setBusy(true);
    const answer = await answerWithin(asked, PHRASE_MS);
    setBusy(false);
    if (!answer?.ok) return setProblem(answer ? answer.error.message : UNANSWERED);
    setProblem(null);
    router.replace(next as Route);
    refresh();
  };
  const pair = () => open(pairThisTablet({ code }), `/signin?to=${encodeURIComponent(to)}`);
  return (
    <>
      {problem ? <Alert type="error" showIcon title={problem} /> : null}
      <section className={page.card}>
        <Asked>
          <Field label={t("theCode")}>
            {(id) => (
              <TextInput
                id={id}
                size="large"
                autoComplete="off"
                autoCapitalize="characters"
                value={code}
                onChange={({ target }) => setCode(target.value)}
                onPressEnter={() => void pair()}
              />
            )}
          </Field>
          <Button type="primary" size="large" loading={busy} disabled={code.trim() === ""} onClick={() => void pair()}>
            {t("letItIn")}
          </Button>
        </Asked>
      </section>
      <details className={page.card}>
        <summary>{t("noTabletAtHand")}</summary>
        <Field label={t("passPhrase")}>
          {(id) => (
            <TextInput
              id={id}
              type="password"
              size="large"
              autoComplete="off"
              value={phrase}
              onChange={({ target }) => setPhrase(target.value)}
            />
          )}
        </Field>
        <Field label={t("tabletsName")}>
          {(id) => (
            <TextInput
              id={id}
              size="large"
              value={tablet}
              maxLength={40}
              onChange={({ target }) => setTablet(target.value)}
            />
          )}
        </Field>
        <p className={page.above}>
          <Button size="large" loading={busy} onClick={() => void open(openByPhrase({ phrase, tablet }), to)}>
            {t("open")}
          </Button>
        </p>
      </details>
    </>
  );
}
