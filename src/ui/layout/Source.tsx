import type { ReactNode } from "react";
import page from "./page.module.css";

/** Where a figure or a rule comes from, as it is printed there, small, on a line of its own or within one. */
export const Source = ({ inline = false, children }: { readonly inline?: boolean; readonly children: ReactNode }) =>
  inline ? (
    <span className={page.source} data-source>
      {children}
    </span>
  ) : (
    <p className={page.source} data-source>
      {children}
    </p>
  );
