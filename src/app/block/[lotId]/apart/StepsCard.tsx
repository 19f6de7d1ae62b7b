"use client";
import { Checkbox } from "antd";
import { useState } from "react";
import page from "@/ui/layout/page.module.css";
import { t } from "@/words/block";
import styles from "./Apart.module.css";
import type { Way } from "./way";

/** The steps of a way in their order, ticked off, with what to keep and what to mind. */
export function StepsCard({ way }: { readonly way: Way }) {
  const [done, setDone] = useState<ReadonlySet<number>>(new Set());
  const tick = (index: number, checked: boolean) =>
    setDone((before) => {
      const after = new Set(before);
      if (checked) after.add(index);
      else after.delete(index);
      return after;
    });
  const labelOf = (id: string) => way.parts.find((part) => part.id === id)?.label.toLowerCase();
  return (
    <section className={page.card}>
      <h2>{t("steps")}</h2>
      <ol className={styles.steps}>
        {way.steps.map((step, index) => (
          <li key={step.do}>
            <Checkbox checked={done.has(index)} onChange={({ target }) => tick(index, target.checked)}>
              {step.do}
            </Checkbox>
            {step.keep.length > 0 ? (
              <p className={styles.keep}>{t("keepKeep", { keep: step.keep.map(labelOf).join(", ") })}</p>
            ) : null}
            {step.care ? <p className={styles.care}>{step.care}</p> : null}
          </li>
        ))}
      </ol>
    </section>
  );
}
