"use client";
import { Button } from "antd";
import { useState } from "react";
import type { DayCheck } from "@/house/checks";
import { TextInput } from "@/ui/form/TextInput";
import { useHouse } from "@/ui/hooks/HouseContext";
import { useAct } from "@/ui/hooks/useAct";
import page from "@/ui/layout/page.module.css";
import { timeText } from "@/words/format/format";
import { t } from "@/words/trace";
import { endACheck, tickCheck } from "./actions";
import styles from "./Checks.module.css";

/** One thing to look at: all is well with one tap, or what was not. `by`: the hour it is wanted. */
export function CheckRow({ check, by }: { readonly check: DayCheck; readonly by: string }) {
  const { timeZone } = useHouse();
  const { act, busy } = useAct();
  const [wrong, setWrong] = useState<string | null>(null);
  const { id, name, done, state, doneBy } = check;
  const tick = async (what: string | null) => {
    if (await act(tickCheck, { id, wrong: what }, () => t("checkIsTicked", { name }))) setWrong(null);
  };
  return (
    <li data-state={state} className={styles.check}>
      <div className={page.grow}>
        <b>{name}</b>
        <p className={page.sub}>
          {done
            ? t("checkDone", { who: done.who, when: timeText(done.atMs, timeZone), wrong: done.wrong ?? "none" })
            : doneBy === null
              ? t("checkBy", { by, state })
              : t("checkByWork", { by, state })}
        </p>
      </div>
      {done || doneBy !== null ? null : wrong === null ? (
        <>
          <Button type="primary" size="large" loading={busy} onClick={() => void tick(null)}>
            {t("allIsWell")}
          </Button>
          <Button size="large" onClick={() => setWrong("")}>
            {t("somethingIsWrong")}
          </Button>
        </>
      ) : (
        <div className={`${page.line} ${styles.full}`}>
          <label className={`${page.labelled} ${page.grow}`}>
            {t("whatWasWrong")}
            <TextInput value={wrong} maxLength={200} onChange={({ target }) => setWrong(target.value)} />
          </label>
          <Button type="primary" loading={busy} disabled={wrong.trim().length < 3} onClick={() => void tick(wrong)}>
            {t("writeItDown")}
          </Button>
          <Button onClick={() => setWrong(null)}>{t("leaveIt")}</Button>
        </div>
      )}
      <Button
        type="text"
        className={page.screenOnly ?? ""}
        aria-label={t("noLongerCheck", { name })}
        onClick={() => void act(endACheck, { id }, () => t("checkIsGone", { name }))}
      >
        {t("noLonger")}
      </Button>
    </li>
  );
}
