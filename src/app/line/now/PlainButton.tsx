"use client";
import type { ButtonHTMLAttributes } from "react";
import styles from "../Line.module.css";

/** A button of which a screen of the line has dozens. */
export const PlainButton = ({ children, ...rest }: ButtonHTMLAttributes<HTMLButtonElement>) => (
  <button type="button" className={styles.plain} {...rest}>
    {children}
  </button>
);
