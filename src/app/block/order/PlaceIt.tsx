"use client";
import { Button, Switch } from "antd";
import { useState } from "react";
import { dayText } from "@/words/format/format";
import { Choice } from "@/ui/form/Choice";
import { Field } from "@/ui/form/Field";
import { TextInput } from "@/ui/form/TextInput";
import { useAct } from "@/ui/hooks/useAct";
import { useHouse } from "@/ui/hooks/HouseContext";
import page from "@/ui/layout/page.module.css";
import { t } from "@/words/block";
import { orderIt } from "../../dock/actions";
import type { NewOrderFacts } from "./orderFacts";

type Props = {
  readonly facts: NewOrderFacts;
  readonly suppliers: readonly string[];
  /** Days it can be ordered for, with their noon. */
  readonly days: readonly { readonly day: string; readonly noonMs: number }[];
};

const SUPPLIERS_ID = "suppliers-of-the-house";

/** The order on record: it stands at the door on its day, or every week. */
export function PlaceIt({ facts, suppliers, days }: Props) {
  const { format, timeZone } = useHouse();
  const { act, busy } = useAct();
  const [supplier, setSupplier] = useState("");
  const [day, setDay] = useState(days[1]?.day ?? days[0]!.day);
  const [everyWeek, setEveryWeek] = useState(false);
  return (
    <section className={page.card} data-testid="place-order">
      <h2>{t("putItOnRecord")}</h2>
      <Field label={t("orderedAt")}>
        {(id) => (
          <>
            <TextInput
              id={id}
              list={SUPPLIERS_ID}
              autoComplete="off"
              maxLength={120}
              value={supplier}
              onChange={({ target }) => setSupplier(target.value)}
            />
            <datalist id={SUPPLIERS_ID}>
              {suppliers.map((name) => (
                <option key={name}>{name}</option>
              ))}
            </datalist>
          </>
        )}
      </Field>
      <Field label={t("comesOn")}>
        {(id) => (
          <Choice
            id={id}
            value={day}
            onChange={setDay}
            options={days.map(({ day: value, noonMs }) => ({ value, label: dayText(noonMs, timeZone) }))}
          />
        )}
      </Field>
      <Field label={t("everyWeek")}>{(id) => <Switch id={id} checked={everyWeek} onChange={setEveryWeek} />}</Field>
      <Button
        type="primary"
        size="large"
        loading={busy}
        onClick={() => void act(orderIt, { ...facts, supplier, day, everyWeek }, () => t("itIsOrdered", { supplier }))}
      >
        {t("orderMass", { mass: format.mass(facts.massG) })}
      </Button>
    </section>
  );
}
