"use client";
import { Button, Select, TimePicker } from "antd";
import dayjs from "dayjs";
import { useState } from "react";
import { Field } from "@/ui/form/Field";
import { NumberField } from "@/ui/form/NumberField";
import { useAct } from "@/ui/hooks/useAct";
import page from "@/ui/layout/page.module.css";
import { t } from "@/words/cards";
import { book, sayServiceHour } from "../actions";
import styles from "../Cards.module.css";

type Props = {
  readonly day: string;
  readonly serviceMin: number;
  readonly cards: readonly { readonly cardId: string; readonly name: string; readonly booked: number }[];
};

/** Covers of a day to come and the hour its service begins: what the list above counts back from. */
export function ServicePlan({ day, serviceMin, cards }: Props) {
  const { act, busy } = useAct();
  const [cardId, setCardId] = useState(cards[0]?.cardId ?? "");
  const chosen = cards.find((card) => card.cardId === cardId);
  const [covers, setCovers] = useState(chosen?.booked ?? 0);
  const [begins, setBegins] = useState(serviceMin);
  return (
    <section className={page.card} data-testid="service-plan">
      <h2>{t("whatIsBookedForIt")}</h2>
      <div className={styles.plan}>
        <Field label={t("card")}>
          {(id) => (
            <Select
              id={id}
              value={cardId}
              options={cards.map((card) => ({
                value: card.cardId,
                label: t("cardAndCovers", { name: card.name, covers: card.booked }),
              }))}
              onChange={(value: string) => {
                setCardId(value);
                setCovers(cards.find((card) => card.cardId === value)?.booked ?? 0);
              }}
            />
          )}
        </Field>
        <NumberField label={t("covers")} value={covers} min={0} max={300} whole onChange={setCovers} />
        <Button
          loading={busy}
          disabled={!chosen}
          onClick={() => void act(book, { cardId, covers, day }, () => t("isBooked", { covers }))}
        >
          {t("bookIt")}
        </Button>
        <Field label={t("serviceBeginsAt")}>
          {(id) => (
            <TimePicker
              id={id}
              format="HH:mm"
              minuteStep={15}
              allowClear={false}
              needConfirm={false}
              value={dayjs().startOf("day").add(begins, "minute")}
              onChange={(time) => setBegins(time ? time.hour() * 60 + time.minute() : begins)}
            />
          )}
        </Field>
        <Button
          loading={busy}
          disabled={begins === serviceMin}
          onClick={() => void act(sayServiceHour, { serviceMin: begins }, () => t("hourIsSaid"))}
        >
          {t("set")}
        </Button>
      </div>
    </section>
  );
}
