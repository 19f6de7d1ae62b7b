"use client";
import { Button, Input } from "antd";
import { useState } from "react";
import { Field } from "@/ui/form/Field";
import { useAct } from "@/ui/hooks/useAct";
import page from "@/ui/layout/page.module.css";
import { t } from "@/words/line";
import { typeTickets } from "./actions";
import styles from "./Line.module.css";
import { PlainButton } from "./PlainButton";

type Props = {
  readonly typed: string;
  readonly cards: readonly { readonly cardId: string; readonly name: string }[];
  /** The tables of the room. */
  readonly tables: readonly string[];
};

/** Tickets typed as they are called, or tapped together. */
export function TicketBox({ typed, cards, tables }: Props) {
  const { act, busy } = useAct();
  const [text, setText] = useState(typed);
  const add = (word: string) =>
    setText((before) => `${before}${before === "" || /\s$/.test(before) ? "" : " "}${word} `);
  const take = async () => {
    const done = await act(typeTickets, { text }, (count) => t("ticketsTaken", { count }));
    if (done) setText("");
  };
  return (
    <section className={page.card}>
      <Field label={t("whatIsWanted")}>
        {(id) => (
          <Input.TextArea
            id={id}
            value={text}
            autoSize={{ minRows: 2, maxRows: 6 }}
            maxLength={600}
            placeholder={t("typeATicket")}
            onChange={({ target }) => setText(target.value)}
            onPressEnter={(event) => {
              // enter takes it, with shift it is another line
              if (event.shiftKey) return;
              event.preventDefault();
              void take();
            }}
          />
        )}
      </Field>
      <div className={styles.chips}>
        {cards.map(({ cardId, name }) => (
          <PlainButton key={cardId} aria-label={t("addOne", { name })} onClick={() => add(`1 ${cardId}`)}>
            {name}
          </PlainButton>
        ))}
        {tables.map((table) => (
          <PlainButton
            key={table}
            aria-label={t("addTable", { table })}

            onClick={() => add(table)}
          >
            {table}
          </PlainButton>
        ))}
      </div>
      <Button type="primary" size="large" loading={busy} disabled={text.trim() === ""} onClick={() => void take()}>
        {t("takeThem")}
      </Button>
      <p className={page.sub}>{t("howToType")}</p>
    </section>
  );
}
