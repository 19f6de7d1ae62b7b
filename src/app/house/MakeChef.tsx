"use client";
import { Alert, Button } from "antd";
import { useState } from "react";
import { Asked } from "@/ui/form/Asked";
import { Field } from "@/ui/form/Field";
import { PinField } from "@/ui/form/PinField";
import { TextInput } from "@/ui/form/TextInput";
import page from "@/ui/layout/page.module.css";
import { useRefresh } from "@/ui/reach/useRefresh";
import { t as welcome } from "@/words/welcome";
import { t } from "@/words/doors";
import { makeTheChef } from "../signin/actions";

/** A house from before there were locks: its chef is made here, and with the chef its locks. */
export function MakeChef({ who }: { readonly who: string }) {
  const refresh = useRefresh();
  const [name, setName] = useState(who);
  const [pin, setPin] = useState("");
  const [phrase, setPhrase] = useState("");
  const [problem, setProblem] = useState<string | null>(null);
  const [busy, setBusy] = useState(false);
  const make = async () => {
    setBusy(true);
    const made = await makeTheChef({ name, pin, phrase });
    setBusy(false);
    if (!made.ok) return setProblem(made.error.message);
    refresh();
  };
  return (
    <section className={`${page.card} ${page.below}`} aria-label={t("makeTheChef")}>
      <h2>{t("makeTheChef")}</h2>
      <p>{t("makeTheChefWhy")}</p>
      <Asked>
        <Field label={t("name")}>
          {(id) => <TextInput id={id} value={name} maxLength={60} onChange={({ target }) => setName(target.value)} />}
        </Field>
        <PinField label={welcome("chefsPin")} value={pin} onChange={setPin} />
        <Field label={welcome("passPhrase")}>
          {(id) => (
            <TextInput id={id} value={phrase} autoComplete="off" onChange={({ target }) => setPhrase(target.value)} />
          )}
        </Field>
        <Button type="primary" loading={busy} onClick={() => void make()}>
          {t("makeChef")}
        </Button>
      </Asked>
      {problem ? <Alert type="error" showIcon title={problem} className={page.above ?? ""} /> : null}
    </section>
  );
}
