"use client";
import { memo } from "react";
import { kitOf, methodOf, PANS } from "@/core/cooking";
import { Choice } from "@/ui/form/Choice";
import { useHouse } from "@/ui/hooks/HouseContext";
import page from "@/ui/layout/page.module.css";
import { QuantityField } from "@/ui/form/QuantityField";
import type { CookAskInput } from "@/house/stove/cookAsk";
import styles from "../Stove.module.css";
import { t } from "@/words/stove-plan";
import { say } from "@/words/say";

type Props = {
  readonly methodId: CookAskInput["methodId"];
  readonly schoolId: CookAskInput["schoolId"];
  readonly kit: CookAskInput["kit"];
  readonly panId: CookAskInput["panId"];
  /** Coefficients of this pan were learned here. */
  readonly learned: boolean;
  readonly onChange: (part: Partial<CookAskInput>) => void;
};

/** What the method asks of the station: school, temperatures, pan. */
export const Setting = memo(function Setting({ methodId, schoolId, kit: set, panId, learned, onChange }: Props) {
  const { format } = useHouse();
  const method = methodOf(methodId);
  const school = schoolId ?? method.schools[0]?.id ?? "";
  const changed = Object.fromEntries(Object.entries(set).filter(([, value]) => value !== undefined));
  const kit = kitOf(method, school, changed);
  const usesPan = method.knobs.some(({ id }) => id === "panC");
  if (method.knobs.length === 0 && method.schools.length === 0) return null;
  return (
    <section className={`${page.card} ${styles.inputs}`} data-testid="setting">
      {method.schools.length > 0 ? (
        <fieldset className={`${styles.full} ${styles.schools}`}>
          <legend>{t("goodCooksDiffer")}</legend>
          {method.schools.map(({ id, label, why }) => (
            <label key={id} className={styles.school}>
              <input
                type="radio"
                name="school"
                value={id}
                checked={id === school}
                onChange={() => onChange({ schoolId: id, kit: {} })}
              />
              <span>
                {label}
                <small>{say(why, format)}</small>
              </span>
            </label>
          ))}
        </fieldset>
      ) : null}
      {method.knobs.map(({ id, label, kind, min, max }) => (
        <QuantityField
          key={id}
          label={label}
          kind={kind}
          value={kit[id]}
          min={min}
          max={max}
          step={id === "mediumC" ? 1 : 5}
          onChange={(value) => onChange({ kit: { ...set, [id]: value } })}
        />
      ))}
      {usesPan ? (
        <label className={styles.full}>
          {t("pan")}
          <Choice
            value={panId}
            onChange={(next) => onChange({ panId: next })}
            options={PANS.map(({ id, label }) => ({ value: id, label }))}
          />
        </label>
      ) : null}
      {learned ? <p className={`${styles.full} muted`}>{t("plannedWithWhatWasLearnedOf")}</p> : null}
    </section>
  );
});
