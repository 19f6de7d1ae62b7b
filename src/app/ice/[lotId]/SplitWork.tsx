"use client";
import { Select } from "antd";
import { useState } from "react";
import { formsFor, type Form } from "@/core/freshness";
import { TextInput } from "@/ui/form/TextInput";
import { NumberInput } from "@/ui/form/NumberInput";
import { Field } from "@/ui/form/Field";
import { useHouse } from "@/ui/hooks/HouseContext";
import page from "@/ui/layout/page.module.css";
import { splitOff } from "./actions";
import { Act, options, useLotAct, type LotFacts } from "./lotAct";
import { t } from "@/words/ice";
import { Source } from "@/ui/layout/Source";

/** A part of it as a lot of its own. */
export function SplitWork({ lotId, group, form, leftG, placeId, places }: LotFacts) {
  const { format } = useHouse();
  const { act, busy } = useLotAct();
  const [mass, setMass] = useState<number | null>(null);
  const [as, setAs] = useState<Form>(form);
  const [to, setTo] = useState(placeId ?? places[0]?.id ?? null);
  const [note, setNote] = useState("");
  return (
    <>
      <Field label={t("weightOfThePartBigMassUnit", { bigMassUnit: format.bigMassUnit })}>
        {(id) => <NumberInput id={id} min={0} step={0.1} value={mass} onChange={setMass} className={page.full ?? ""} />}
      </Field>
      <Field label={t("as")}>
        {(id) => (
          <Select
            id={id}
            value={as}
            className={page.full ?? ""}
            options={formsFor(group).map((entry) => ({ value: entry.id, label: entry.label }))}
            onChange={setAs}
          />
        )}
      </Field>
      <Field label={t("into")}>
        {(id) => <Select id={id} value={to} className={page.full ?? ""} options={options(places)} onChange={setTo} />}
      </Field>
      <Field label={t("forWhat")}>
        {(id) => (
          <TextInput
            id={id}
            maxLength={120}
            value={note}
            placeholder={t("crudoStockBonesStaff")}
            onChange={({ target }) => setNote(target.value)}
          />
        )}
      </Field>
      <Source>{t("leftAreLeftThePartKeeps", { left: format.mass(leftG) })}</Source>
      <Act
        busy={busy}
        disabled={!mass || !to}
        onClick={() =>
          act(
            splitOff,
            { lotId, massG: format.fromBigMass(mass ?? 0), form: as, placeId: to, note },
            () => t("aLotOfItsOwnNow"),
            (id) => `/ice/${id}`,
          )
        }
      >
        {t("splitItOff")}
      </Act>
    </>
  );
}
