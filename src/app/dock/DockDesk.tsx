"use client";
import dynamic from "next/dynamic";
import { startTransition, useState, type ComponentProps } from "react";
import type { Came, DeliveryDesk as Desk } from "./DeliveryDesk";
import page from "@/ui/layout/page.module.css";
import { t } from "@/words/dock";
import styles from "./Dock.module.css";
import type { Expected } from "./expected/expected";
import { ExpectedCard } from "./expected/ExpectedCard";

/** The desk with all it knows of fish comes after the list; its place is kept. */
const DeliveryDesk = dynamic(() => import("./DeliveryDesk").then((part) => part.DeliveryDesk), {
  ssr: false,
  loading: () => <div className={styles.deskPlace} aria-hidden="true" />,
});

type Props = ComponentProps<typeof Desk> & { readonly expected?: readonly Expected[] };

/** What was expected, one tap a line; below it the desk for what was not. */
export function DockDesk({ expected = [], ...desk }: Props) {
  const [came, setCame] = useState<Came | null>(null);
  return (
    <>
      <ExpectedCard
        expected={expected}
        onCame={(order) => startTransition(() => setCame({ order, atMs: Date.now() }))}
      />
      {expected.length > 0 ? <h2 className={page.below}>{t("notExpected")}</h2> : null}
      <DeliveryDesk {...desk} came={came} />
    </>
  );
}
