"use client";
import { Button } from "antd";
import { useState } from "react";
import type { CheckList } from "@/house/checks";
import { Choice } from "@/ui/form/Choice";
import { TextInput } from "@/ui/form/TextInput";
import { useAct } from "@/ui/hooks/useAct";
import page from "@/ui/layout/page.module.css";
import { t } from "@/words/trace";
import { addACheck, takeUsualChecks } from "./actions";

const LISTS = [
  { value: "opening", label: t("opening") },
  { value: "closing", label: t("closing") },
] as const;

/** "23:30" as minutes of the day. */
const minutesOf = (time: string): number => {
  const [hours = 0, minutes = 0] = time.split(":").map(Number);
  return hours * 60 + minutes;
};

/** One more thing to look at, or the usual ones to begin with. */
export function CheckForm({ none }: { readonly none: boolean }) {
  const { act, busy } = useAct();
  const [name, setName] = useState("");
  const [list, setList] = useState<CheckList>("closing");
  const [by, setBy] = useState("23:30");
  const add = async () => {
    if (await act(addACheck, { name, list, byMin: minutesOf(by) }, () => t("checkIsAdded", { name }))) setName("");
  };
  return (
    <section className={`${page.card} ${page.screenOnly}`}>
      <h2>{t("anotherCheck")}</h2>
      {none ? (
        <p className={page.below}>
          <Button
            type="primary"
            size="large"
            loading={busy}
            onClick={() => void act(takeUsualChecks, {}, (count) => t("usualAreTaken", { count }))}
          >
            {t("takeTheUsual")}
          </Button>
        </p>
      ) : null}
      <div className={page.line}>
        <label className={`${page.labelled} ${page.grow}`}>
          {t("whatIsLookedAt")}
          <TextInput value={name} maxLength={60} onChange={({ target }) => setName(target.value)} />
        </label>
        <label className={page.labelled}>
          {t("when")}
          <Choice value={list} options={LISTS} onChange={setList} />
        </label>
        <label className={page.labelled}>
          {t("byTheHour")}
          <input type="time" value={by} className={page.plainInput} onChange={({ target }) => setBy(target.value)} />
        </label>
        <Button loading={busy} disabled={name.trim().length < 3 || by === ""} onClick={() => void add()}>
          {t("addTheCheck")}
        </Button>
      </div>
      <p className={page.sub}>{t("keepThemFew")}</p>
    </section>
  );
}
