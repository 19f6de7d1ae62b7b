"use client";
import { useRef } from "react";
import type { Attribute, Grade } from "@/core/freshness";
import { useTypedEarly } from "../hooks/useTypedEarly";
import styles from "./GradeRow.module.css";
import { t } from "@/words/ui";

const GRADES = [0, 1, 2, 3] as const;
const MARKS = [t("asCaught"), t("good"), t("limited"), t("reject")] as const;

type Props = {
  readonly attribute: Attribute;
  readonly grade: Grade | undefined;
  readonly onGrade: (grade: Grade | undefined) => void;
};

/** One attribute, one tap: four plain descriptions from as caught to reject. Tapping the chosen one again takes it back. */
export function GradeRow({ attribute, grade, onGrade }: Props) {
  const row = useRef<HTMLFieldSetElement>(null);
  useTypedEarly(() => row.current);
  return (
    <fieldset ref={row} className={styles.row} data-graded={grade !== undefined || undefined}>
      <legend>
        {attribute.label}
        {attribute.decisive ? <span className={styles.decisive}> {t("decidesAlone")}</span> : null}
      </legend>
      <div className={styles.grades}>
        {GRADES.map((value) => (
          <label key={value} className={styles.grade} data-grade={value} data-on={grade === value || undefined}>
            <input
              type="radio"
              name={attribute.id}
              value={value}
              checked={grade === value}
              onChange={() => onGrade(value)}
              onClick={() => {
                if (grade === value) onGrade(undefined);
              }}
            />
            <span className={styles.mark}>
              {value} · {MARKS[value]}
            </span>
            <span>{attribute.words[value]}</span>
          </label>
        ))}
      </div>
    </fieldset>
  );
}
