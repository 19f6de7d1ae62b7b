"use client";
import { Button } from "antd";
import { useState } from "react";
import { TextInput } from "@/ui/form/TextInput";
import { NumberInput } from "@/ui/form/NumberInput";
import { Field } from "@/ui/form/Field";
import { useHouse } from "@/ui/hooks/HouseContext";
import page from "@/ui/layout/page.module.css";
import { PracticeLine } from "@/ui/layout/PracticeLine";
import { useAct } from "@/ui/hooks/useAct";
import styles from "../Ice.module.css";
import { checkProbe } from "./actions";
import { t } from "@/words/ice";

/** The probe in melting ice: noted, and asked for again. */
export function ProbeCheck({ says }: { readonly says: string }) {
  const { format } = useHouse();
  const { act } = useAct();
  const [probe, setProbe] = useState("");
  const [shown, setShown] = useState<number | null>(null);
  const note = async () => {
    const celsius = format.fromTemperature(shown ?? Number.NaN);
    if (await act(checkProbe, { probe, celsius }, (words) => words)) setShown(null);
  };
  return (
    <section className={`${page.card} ${page.aboveMore}`} aria-labelledby="probe-check">
      <h2 id="probe-check">{t("probeInIce")}</h2>
      <p data-testid="probe-check">{says}</p>
      <div className={styles.holdWork}>
        <Field label={t("whichProbe")}>
          {(id) => (
            <TextInput
              id={id}
              value={probe}
              maxLength={40}
              placeholder={t("theThinOne")}
              onChange={({ target }) => setProbe(target.value)}
            />
          )}
        </Field>
        <Field label={t("inMeltingIceDegree", { degree: format.degree })}>
          {(id) => <NumberInput id={id} value={shown} step={0.1} onChange={setShown} />}
        </Field>
        <Button disabled={shown === null} onClick={note} className={page.below ?? ""}>
          {t("noteTheCheck")}
        </Button>
      </div>
      <PracticeLine id="probe-check" />
    </section>
  );
}
