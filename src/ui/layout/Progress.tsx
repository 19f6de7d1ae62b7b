"use client";
import { Button } from "antd";
import { useId } from "react";
import { t } from "@/words/ui";
import styles from "./Progress.module.css";

type Props = {
  readonly label: string;
  /** Of the whole, 0 to 1. */
  readonly share: number;
  readonly onStop: () => void;
};

/** Long work: what it is, how far it is, and the way to stop it. */
export function Progress({ label, share, onStop }: Props) {
  const id = useId();
  return (
    <div className={styles.progress} role="status">
      <label htmlFor={id}>{label}</label>
      <progress id={id} max={1} value={share} />
      <Button onClick={onStop}>{t("stopIt")}</Button>
    </div>
  );
}
