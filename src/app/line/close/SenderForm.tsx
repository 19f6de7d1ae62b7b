"use client";
import { Button } from "antd";
import { useState } from "react";
import { TextInput } from "@/ui/form/TextInput";
import { Field } from "@/ui/form/Field";
import { useAct } from "@/ui/hooks/useAct";
import page from "@/ui/layout/page.module.css";
import { t } from "@/words/line";
import { addSender } from "../actions";

/** A till, or whatever sends tickets, gets a key; it is shown once. */
export function SenderForm({ senders }: { readonly senders: readonly string[] }) {
  const { act, busy } = useAct();
  const [name, setName] = useState("");
  const [made, setMade] = useState<{ readonly name: string; readonly key: string } | null>(null);
  const make = async () => {
    const done = await act(addSender, { name });
    if (done) setMade(done.value);
  };
  return (
    <section className={page.card}>
      <h2>{t("ticketsFromTheTill")}</h2>
      {senders.length > 0 ? <p className={page.sub}>{t("senders", { list: senders.join(", ") })}</p> : null}
      <Field label={t("senderName")}>
        {(id) => <TextInput id={id} value={name} maxLength={60} onChange={({ target }) => setName(target.value)} />}
      </Field>
      <Button loading={busy} disabled={name.trim().length < 2} onClick={() => void make()}>
        {t("newKey")}
      </Button>
      {made ? (
        <p>
          <code>{t("keyOnce", made)}</code>
        </p>
      ) : null}
    </section>
  );
}
