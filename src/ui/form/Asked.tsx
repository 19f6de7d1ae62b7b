import type { ReactNode } from "react";
import styles from "./Field.module.css";

/** A few fields and the button that takes them, on one line. */
export const Asked = ({ children }: { readonly children: ReactNode }) => <div className={styles.asked}>{children}</div>;
