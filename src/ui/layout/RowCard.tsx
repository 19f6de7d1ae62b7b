import type { Route } from "next";
import Link from "next/link";
import type { ReactNode } from "react";
import page from "./page.module.css";
import { Empty } from "@/ui/layout/Empty";

/** A card of rows under a head; with `empty` it says so where there are none. */
export function RowCard({
  title,
  empty,
  rows,
}: {
  readonly title: string;
  readonly empty?: ReactNode;
  readonly rows: readonly ReactNode[];
}) {
  return (
    <section className={page.card} aria-label={title}>
      <h2>{title}</h2>
      {rows.length === 0 ? <Empty>{empty}</Empty> : <ul className={page.rows}>{rows}</ul>}
    </section>
  );
}

/** One row that leads somewhere: its name, what it is of, and the figure or word at its end. */
export const Row = ({
  href,
  title,
  sub,
  children,
}: {
  readonly href: string;
  readonly title: string;
  readonly sub?: string;
  readonly children: ReactNode;
}) => (
  <li>
    <Link href={href as Route} className={page.row}>
      <span className={page.grow}>
        <span className={page.title}>{title}</span>
        {sub === undefined ? null : (
          <>
            <br />
            <span className={page.sub}>{sub}</span>
          </>
        )}
      </span>
      {children}
    </Link>
  </li>
);
