import type { ReactNode } from "react";
import page from "./page.module.css";

type Props = {
  /** What the page answers, in one line. */
  readonly title: ReactNode;
  /** The question it answers, or what it speaks of. */
  readonly asks?: ReactNode;
  /** More lines under it. */
  readonly below?: ReactNode;
  /** What can be done from here, at the end of the line. */
  readonly children?: ReactNode;
};

/** The head of a page: its answer, its question, and what can be done. */
export const PageHead = ({ title, asks, below, children }: Props) => (
  <header className={page.head}>
    <div>
      <h1>{title}</h1>
      {asks === undefined ? null : <p className={page.asks}>{asks}</p>}
      {below}
    </div>
    {children}
  </header>
);
