"use client";
import { Button, Segmented } from "antd";
import { useState } from "react";
import { findSpecies } from "@/core/species";
import { NumberInput } from "@/ui/form/NumberInput";
import { Field } from "@/ui/form/Field";
import { useHouse } from "@/ui/hooks/HouseContext";
import { useAct } from "@/ui/hooks/useAct";
import { SpeciesSearch } from "@/ui/form/SpeciesSearch";
import styles from "../Ice.module.css";
import { planTheCovers } from "./actions";
import page from "@/ui/layout/page.module.css";
import { t } from "@/words/ice";

/** How many covers of what tomorrow. */
export function CoversForm({ day }: { readonly day: string }) {
  const { format, ownSpecies } = useHouse();
  const { act } = useAct();
  const [speciesId, setSpeciesId] = useState<string | null>(null);
  const [use, setUse] = useState<"raw" | "cook">("cook");
  const [covers, setCovers] = useState<number | null>(null);
  const [portion, setPortion] = useState<number | null>(null);
  const save = async () => {
    const wanted = { day, speciesId, use, covers, portionG: format.fromMass(portion ?? 0) };
    if (!(await act(planTheCovers, wanted))) return;
    setSpeciesId(null);
    setCovers(null);
  };
  return (
    <div className={styles.placeForm}>
      <Field label={t("fish")}>
        {(id) => (
          <SpeciesSearch
            key={speciesId ?? "none"}
            id={id}
            {...(speciesId ? { value: speciesId } : {})}
            onChange={(next) => {
              setSpeciesId(next);
              const species = findSpecies(next, ownSpecies);
              if (species) setPortion(Math.round(format.toMass(species.portion.massG)));
            }}
          />
        )}
      </Field>
      <Field label={t("served")}>
        {(id) => (
          <Segmented<"raw" | "cook">
            id={id}
            block
            value={use}
            onChange={setUse}
            options={[
              { value: "cook", label: t("cooked") },
              { value: "raw", label: t("raw") },
            ]}
          />
        )}
      </Field>
      <Field label={t("covers")}>
        {(id) => (
          <NumberInput
            id={id}
            min={0}
            max={5000}
            whole
            value={covers}
            onChange={setCovers}
            className={page.full ?? ""}
          />
        )}
      </Field>
      <Field label={t("aPortionMassUnit", { massUnit: format.massUnit })}>
        {(id) => (
          <NumberInput id={id} min={1} max={5000} value={portion} onChange={setPortion} className={page.full ?? ""} />
        )}
      </Field>
      <Button type="primary" disabled={!speciesId || covers === null || !portion} onClick={save}>
        {t("countOnIt")}
      </Button>
    </div>
  );
}
