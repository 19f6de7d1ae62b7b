import type { ReactNode } from "react";
import page from "./page.module.css";

/** What stands where there is nothing yet: why, and what to do. */
export const Empty = ({ children }: { readonly children: ReactNode }) => <p className={page.empty}>{children}</p>;
