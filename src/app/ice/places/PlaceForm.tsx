"use client";
import { Button, Select } from "antd";
import { useState } from "react";
import { PLACE_KINDS, type PlaceKind } from "@/core/coldchain";
import type { Place } from "@/db/house/places";
import { TextInput } from "@/ui/form/TextInput";
import { NumberInput } from "@/ui/form/NumberInput";
import { Field } from "@/ui/form/Field";
import { useHouse } from "@/ui/hooks/HouseContext";
import { useAct } from "@/ui/hooks/useAct";
import { savePlace } from "./actions";
import styles from "../Ice.module.css";
import page from "@/ui/layout/page.module.css";
import { t } from "@/words/ice";

/** A place: what it is, what it is set to, and the house's own limits where they are stricter than the rule's. */
export function PlaceForm({ place }: { readonly place?: Place }) {
  const { format } = useHouse();
  const { act } = useAct();
  const shown = (pointC: number | null) =>
    pointC === null ? null : Math.round(format.toTemperature(pointC) * 10) / 10;
  const [name, setName] = useState(place?.name ?? "");
  const [kind, setKind] = useState<PlaceKind>(place?.kind ?? "drawer");
  const [set, setSet] = useState<number | null>(shown(place?.setC ?? 2));
  const [min, setMin] = useState<number | null>(shown(place?.minC ?? null));
  const [max, setMax] = useState<number | null>(shown(place?.maxC ?? null));
  const [every, setEvery] = useState<number | null>(place?.everyMin ?? 240);
  const core = (value: number | null) => (value === null ? null : format.fromTemperature(value));
  const save = async () => {
    const facts = {
      id: place?.id ?? null,
      name,
      kind,
      setC: core(set),
      minC: core(min),
      maxC: core(max),
      everyMin: every,
    };
    const saved = await act(savePlace, facts, () => t("nameIsSet", { name }));
    if (saved && !place) setName("");
  };
  const number = (value: number | null, change: (next: number | null) => void, id: string) => (
    <NumberInput id={id} value={value} step={0.5} className={page.full ?? ""} onChange={change} />
  );
  return (
    <div className={styles.placeForm}>
      <Field label={t("name2")}>
        {(id) => <TextInput id={id} maxLength={60} value={name} onChange={({ target }) => setName(target.value)} />}
      </Field>
      <Field label={t("kind")}>
        {(id) => (
          <Select
            id={id}
            value={kind}
            className={page.full ?? ""}
            options={PLACE_KINDS.map(({ id: value, label }) => ({ value, label }))}
            onChange={(next) => {
              setKind(next);
              if (!place) setSet(shown(PLACE_KINDS.find((entry) => entry.id === next)?.usualC ?? 2));
            }}
          />
        )}
      </Field>
      <Field label={t("setToDegree", { degree: format.degree })}>{(id) => number(set, setSet, id)}</Field>
      <Field label={t("ownLowerLimitDegree", { degree: format.degree })}>{(id) => number(min, setMin, id)}</Field>
      <Field label={t("ownUpperLimitDegree", { degree: format.degree })}>{(id) => number(max, setMax, id)}</Field>
      <Field label={t("aReadingEveryMin")}>
        {(id) => (
          <NumberInput id={id} value={every} min={1} max={1440} whole className={page.full ?? ""} onChange={setEvery} />
        )}
      </Field>
      <Button onClick={save} disabled={name.trim() === "" || set === null}>
        {place ? t("setItSo") : t("addThePlace")}
      </Button>
    </div>
  );
}
