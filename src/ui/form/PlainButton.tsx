"use client";
import type { ButtonHTMLAttributes } from "react";
import styles from "./PlainButton.module.css";

type Props = Omit<ButtonHTMLAttributes<HTMLButtonElement>, "className"> & {
  /** What the screen is for, what is seldom wanted, what takes something away. */
  readonly look?: "strong" | "quiet" | "danger" | undefined;
  /** It was pressed and is not answered yet: it keeps its focus and takes no second press. */
  readonly busy?: boolean;
};

/** The button of screens that have dozens, and of what stands on every screen: drawn in a fraction of the time of the library's. */
export const PlainButton = ({ look, busy = false, onClick, children, ...rest }: Props) => (
  <button
    type="button"
    className={styles.plain}
    data-look={look}
    aria-busy={busy || undefined}
    onClick={busy ? undefined : onClick}
    {...rest}
  >
    {children}
  </button>
);
