"use client";
import { useId, type ReactNode } from "react";
import styles from "./Field.module.css";

/** A labelled field; the control inside takes the id. */
export function Field({
  label,
  wide = false,
  answers,
  children,
}: {
  readonly label: string;
  readonly wide?: boolean;
  /** Which question of its form it answers: where that lacks, the form goes here. */
  readonly answers?: string;
  readonly children: (id: string) => ReactNode;
}) {
  const id = useId();
  return (
    <div className={`${styles.field} ${wide ? styles.wide : ""}`} data-answers={answers}>
      <label htmlFor={id}>{label}</label>
      {children(id)}
    </div>
  );
}
