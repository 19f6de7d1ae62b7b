"use client";
import { Button } from "antd";
import { memo, useCallback, useState } from "react";
import { TextLines } from "@/ui/form/TextLines";
import { Field } from "@/ui/form/Field";
import { useAct } from "@/ui/hooks/useAct";
import page from "@/ui/layout/page.module.css";
import { t } from "@/words/line";
import { typeTickets } from "../actions";
import styles from "../Line.module.css";
import { PlainButton } from "@/ui/form/PlainButton";

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
  const add = useCallback(
    (word: string) => setText((before) => `${before}${before === "" || /\s$/.test(before) ? "" : " "}${word} `),
    [],
  );
  const take = async () => {
    const done = await act(typeTickets, { text }, (count) => t("ticketsTaken", { count }));
    if (done) setText("");
  };
  return (
    <section className={page.card}>
      <Field label={t("whatIsWanted")}>
        {(id) => (
          <TextLines
            id={id}
            value={text}
            rows={2}
            className={styles.grows ?? ""}
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
      <Chips cards={cards} tables={tables} onAdd={add} />
      <Button type="primary" size="large" loading={busy} disabled={text.trim() === ""} onClick={() => void take()}>
        {t("takeThem")}
      </Button>
      <p className={page.sub}>{t("howToType")}</p>
    </section>
  );
}

type ChipsProps = Pick<Props, "cards" | "tables"> & { readonly onAdd: (word: string) => void };

/** Every dish and table as a word to tap; they stand still while the ticket grows. */
const Chips = memo(function Chips({ cards, tables, onAdd }: ChipsProps) {
  return (
    <div className={styles.chips}>
      {cards.map(({ cardId, name }) => (
        <PlainButton key={cardId} aria-label={t("addOne", { name })} onClick={() => onAdd(`1 ${cardId}`)}>
          {name}
        </PlainButton>
      ))}
      {tables.map((table) => (
        <PlainButton key={table} aria-label={t("addTable", { table })} onClick={() => onAdd(table)}>
          {table}
        </PlainButton>
      ))}
    </div>
  );
});
