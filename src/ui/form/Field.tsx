"use client";
import { useId, type ReactNode } from "react";
import styles from "./Field.module.css";

/** A labelled field; the control inside takes the id. */
export function Field({
  label,
  wide = false,
  asks,
  children,
}: {
  readonly label: string;
  readonly wide?: boolean;
  /** By what name a form that lacks its answer goes to it. */
  readonly asks?: string;
  readonly children: (id: string) => ReactNode;
}) {
  const id = useId();
  return (
    <div className={`${styles.field} ${wide ? styles.wide : ""}`} data-asks={asks}>
      <label htmlFor={id}>{label}</label>
      {children(id)}
    </div>
  );
}
