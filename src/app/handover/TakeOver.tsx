"use client";
import { Button } from "antd";
import { useState } from "react";
import { useAct } from "@/ui/hooks/useAct";
import page from "@/ui/layout/page.module.css";
import { t } from "@/words/handover";
import { takeOver } from "./actions";
import styles from "./Handover.module.css";

type Props = {
  readonly cooks: readonly string[];
  /** Of the list on the screen. */
  readonly mark: string;
  readonly last: string;
};

/** Read and taken over by name: two taps, and what is done next is written under it. */
export function TakeOver({ cooks, mark, last }: Props) {
  const { act, busy } = useAct();
  const [name, setName] = useState<string | null>(null);
  return (
    <section className={`${page.card} ${page.screenOnly}`} aria-labelledby="come-on">
      <h2 id="come-on">{t("youComeOn")}</h2>
      <div className={styles.names} role="group" aria-label={t("whoTakesOver")}>
        {cooks.map((cook) => (
          <Button key={cook} size="large" aria-pressed={cook === name} onClick={() => setName(cook)}>
            {cook}
          </Button>
        ))}
      </div>
      <Button
        type="primary"
        size="large"
        block
        loading={busy}
        disabled={name === null}
        onClick={() => void act(takeOver, { name, mark }, (who) => t("takenOver", { name: who }))}
      >
        {name === null ? t("pickYourName") : t("takeOver", { name })}
      </Button>
      <p className={page.sub}>{last}</p>
    </section>
  );
}
